package lumko.app.exchange;

import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import lumko.app.account.Access;
import lumko.app.formats.BadFileException;
import lumko.app.formats.Cgats;
import lumko.app.formats.ColourFile;
import lumko.app.formats.ColourTable;
import lumko.app.formats.Cxf;
import lumko.app.platform.UploadRefusedException;
import lumko.app.platform.Uploads;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import tools.jackson.databind.json.JsonMapper;

/** Colours in and out as open files. */
@Controller
class ExchangeController {
    private static final String CSV = "text/csv;charset=UTF-8";
    private static final int MOST_MEGABYTES_OF_RECORD = 60;

    private final Exchange exchange;
    private final Records records;
    private final WholeRecord whole;
    private final Access access;
    private final Uploads uploads;
    private final JsonMapper json;
    private final HttpServletResponse response;

    ExchangeController(
            Exchange exchange,
            Records records,
            WholeRecord whole,
            Access access,
            Uploads uploads,
            JsonMapper json,
            HttpServletResponse response) {
        this.exchange = exchange;
        this.records = records;
        this.whole = whole;
        this.access = access;
        this.uploads = uploads;
        this.json = json;
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
        return file("lumko-colours.csv", CSV, ColourTable.write(exchange.all()).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/exchange/lumko-{table:surfaces|tins}.csv")
    void asCsv(@PathVariable String table, HttpServletResponse out) throws IOException {
        send("lumko-" + table + ".csv", CSV, file -> read(table, rows -> rows.writeCsv(file)), out);
    }

    @GetMapping("/exchange/lumko-{table:surfaces|tins}.json")
    void asObjects(@PathVariable String table, HttpServletResponse out) throws IOException {
        send(
                "lumko-" + table + ".json",
                MediaType.APPLICATION_JSON_VALUE,
                file -> read(table, rows -> rows.writeJson(file, json)),
                out);
    }

    private void read(String table, Consumer<RecordTable> writer) {
        if (table.equals("surfaces")) {
            records.surfaces(writer);
        } else {
            records.tins(writer);
        }
    }

    @GetMapping("/exchange/lumko-record.json")
    void record(HttpServletResponse out) throws IOException {
        send("lumko-record.json", MediaType.APPLICATION_JSON_VALUE, whole::write, out);
    }

    @GetMapping("/exchange/lumko-record.zip")
    void recordAsTables(HttpServletResponse out) throws IOException {
        send("lumko-record.zip", "application/zip", whole::writeTables, out);
    }

    /**
     * Writes a file of one transaction to disk and sends it when that has ended: while an answer goes out the session is saved,
     * which a transaction that only reads would not let happen. What goes wrong before the end is then an answer of its own.
     */
    private void send(String name, String type, Consumer<OutputStream> content, HttpServletResponse answer)
            throws IOException {
        Path file = Files.createTempFile("lumko", name);
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(file))) {
                content.accept(out);
            }
            answer.setContentType(type);
            answer.setContentLengthLong(Files.size(file));
            answer.setHeader(
                    HttpHeaders.CONTENT_DISPOSITION,
                    ContentDisposition.attachment().filename(name).build().toString());
            Files.copy(file, answer.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
    }

    /** Takes a whole record into an organisation that has none yet. */
    @PostMapping("/exchange/record")
    String takeRecord(@RequestParam MultipartFile file, Model model) throws IOException {
        try {
            int rows = uploads.read(file, MOST_MEGABYTES_OF_RECORD, sent -> whole.take(sent.getInputStream()));
            page(model);
            model.addAttribute("rows", rows);
        } catch (BadFileException | UploadRefusedException refused) {
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
            ColourFile colours =
                    uploads.read(file, ColourFile.MOST_MEGABYTES, sent -> ColourFile.read(sent.getBytes()));
            model.addAttribute("taken", exchange.take(colours));
        } catch (BadFileException | UploadRefusedException refused) {
            response.setStatus(422);
            model.addAttribute("refused", refused.getMessage());
        }
        return "exchange";
    }
}
