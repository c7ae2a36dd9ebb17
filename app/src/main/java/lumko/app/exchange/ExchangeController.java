package lumko.app.exchange;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import lumko.app.account.Access;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;

/** Colours in and out as open files. */
@Controller
class ExchangeController {
    private final Exchange exchange;
    private final Records records;
    private final WholeRecord whole;
    private final Access access;
    private final HttpServletResponse response;

    ExchangeController(
            Exchange exchange, Records records, WholeRecord whole, Access access, HttpServletResponse response) {
        this.exchange = exchange;
        this.records = records;
        this.whole = whole;
        this.access = access;
        this.response = response;
    }

    @GetMapping("/exchange")
    String page(Model model) {
        model.addAttribute("mayTake", !access.member().isOffice());
        model.addAttribute("mayTakeAll", access.member().isLead());
        model.addAttribute("isEmpty", access.member().isLead() && whole.isEmpty());
        return "exchange";
    }

    @GetMapping("/exchange/lumko-colours.cgats")
    ResponseEntity<byte[]> cgats() {
        return file(
                "lumko-colours.cgats", "text/plain", Cgats.write(exchange.all()).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/exchange/lumko-colours.cxf")
    ResponseEntity<byte[]> cxf() {
        return file("lumko-colours.cxf", "application/xml", Cxf.write(exchange.all()));
    }

    @GetMapping("/exchange/lumko-colours.csv")
    ResponseEntity<byte[]> csv() {
        return file(
                "lumko-colours.csv",
                "text/csv",
                ColourTable.write(exchange.all()).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/exchange/lumko-surfaces.csv")
    ResponseEntity<byte[]> surfaces() {
        return file("lumko-surfaces.csv", "text/csv", records.surfaces().csv().getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping(path = "/exchange/lumko-surfaces.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    List<Map<String, Object>> surfacesAsObjects() {
        return records.surfaces().objects();
    }

    @GetMapping("/exchange/lumko-tins.csv")
    ResponseEntity<byte[]> tins() {
        return file("lumko-tins.csv", "text/csv", records.tins().csv().getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping(path = "/exchange/lumko-tins.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    List<Map<String, Object>> tinsAsObjects() {
        return records.tins().objects();
    }

    @GetMapping("/exchange/lumko-record.json")
    void record(HttpServletResponse out) throws IOException {
        nameAttachment("lumko-record.json", MediaType.APPLICATION_JSON_VALUE);
        whole.write(out.getOutputStream());
    }

    @GetMapping("/exchange/lumko-record.zip")
    void recordAsTables(HttpServletResponse out) throws IOException {
        nameAttachment("lumko-record.zip", "application/zip");
        whole.writeTables(out.getOutputStream());
    }

    private void nameAttachment(String name, String type) {
        access.requireLead();
        response.setContentType(type);
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment().filename(name).build().toString());
    }

    /** Takes a whole record into an organisation that has none yet. */
    @PostMapping("/exchange/record")
    String takeRecord(@RequestParam MultipartFile file, Model model) throws IOException {
        try {
            int rows = whole.take(file.getInputStream());
            page(model);
            model.addAttribute("rows", rows);
        } catch (BadFileException refused) {
            page(model);
            response.setStatus(422);
            model.addAttribute("refused", refused.getMessage());
        }
        return "exchange";
    }

    private static ResponseEntity<byte[]> file(String name, String type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=" + name)
                .body(bytes);
    }

    @PostMapping("/exchange")
    String take(@RequestParam MultipartFile file, Model model) throws IOException {
        page(model);
        try {
            model.addAttribute("taken", exchange.take(ColourFile.read(file.getBytes())));
        } catch (BadFileException refused) {
            response.setStatus(422);
            model.addAttribute("refused", refused.getMessage());
        }
        return "exchange";
    }
}
