package lumko.app.platform;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.thymeleaf.ITemplateEngine;
import org.thymeleaf.context.Context;

/** Puts a template on paper, as a tagged PDF in the application's own type. */
@Component
public class Pdf {
    private final ITemplateEngine templates;
    private final Speaker speaker;

    Pdf(ITemplateEngine templates, Speaker speaker) {
        this.templates = templates;
        this.speaker = speaker;
        XRLog.setLoggingEnabled(false);
    }

    public byte[] render(String template, Map<String, Object> model) {
        String html =
                templates.process(template, new Context(speaker.words().units().locale(), model));
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new PdfRendererBuilder()
                    .useSVGDrawer(new BatikSVGDrawer())
                    .usePdfUaAccessibility(true)
                    .useFont(() -> font("ahn-400.ttf"), "Lumko", 400, FontStyle.NORMAL, true)
                    .useFont(() -> font("ahn-700.ttf"), "Lumko", 700, FontStyle.NORMAL, true)
                    .withHtmlContent(html, "/")
                    .toStream(out)
                    .run();
        } catch (IOException problem) {
            throw new UncheckedIOException(problem);
        }
        return out.toByteArray();
    }

    private static InputStream font(String name) {
        try {
            return new ClassPathResource("pdf-fonts/" + name).getInputStream();
        } catch (IOException missing) {
            throw new UncheckedIOException(missing);
        }
    }
}
