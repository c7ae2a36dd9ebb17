package lumko.app.sheet;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import lumko.app.account.Accounts;
import lumko.app.account.GuestLinks;
import lumko.app.figure.Figures;
import lumko.app.platform.BaseAddress;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Pdf;
import lumko.app.platform.QrCode;
import lumko.app.platform.Speaker;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A sheet on paper, for those who work here and, by a secret link, for a guest. */
@Controller
class PaperController {
    /** For how many days a link may open a sheet. */
    static final List<Integer> DAYS = List.of(1, 7, 30);

    private final Sheets sheets;
    private final Figures figures;
    private final Guests guests;
    private final GuestLinks links;
    private final Pdf pdf;
    private final BaseAddress base;
    private final Speaker speaker;

    PaperController(
            Sheets sheets,
            Figures figures,
            Guests guests,
            GuestLinks links,
            Pdf pdf,
            BaseAddress base,
            Speaker speaker) {
        this.sheets = sheets;
        this.figures = figures;
        this.guests = guests;
        this.links = links;
        this.pdf = pdf;
        this.base = base;
        this.speaker = speaker;
    }

    @GetMapping("/sheets/{id}/lumko-sheet.pdf")
    ResponseEntity<byte[]> paper(@PathVariable UUID id) {
        return answer(written(id));
    }

    private byte[] written(UUID id) {
        Sheet sheet = sheets.sheet(id);
        String address = base.of("/sheets/" + id);
        return pdf.render(
                "sheet-paper",
                Map.of(
                        "sheet",
                        sheet,
                        "view",
                        new SheetView(sheet, figures.catalogue(), speaker.words()),
                        "carry",
                        new CarryView(sheet, figures.catalogue(), speaker.words()),
                        "say",
                        speaker.words(),
                        "today",
                        speaker.today(),
                        "code",
                        QrCode.of(address),
                        "address",
                        address));
    }

    private static ResponseEntity<byte[]> answer(byte[] paper) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=lumko-sheet.pdf")
                .body(paper);
    }

    /** The sheet as it is now, for whoever has the secret. */
    @GetMapping("/guest/{secret}.pdf")
    ResponseEntity<byte[]> guest(@PathVariable String secret) {
        GuestLinks.Guest guest = links.find(secret).orElseThrow(NotFoundException::new);
        return answer(Accounts.as(guest, () -> written(guest.sheetId())));
    }

    @PostMapping("/sheets/{id}/guests")
    String invite(@PathVariable UUID id, @RequestParam int days, RedirectAttributes after) {
        if (!DAYS.contains(days)) {
            throw new NotFoundException();
        }
        after.addFlashAttribute("guestLink", base.of("/guest/" + guests.invite(id, Duration.ofDays(days)) + ".pdf"));
        return "redirect:/sheets/" + id + "#guests";
    }

    @PostMapping("/guests/{id}/revoke")
    String revoke(@PathVariable UUID id) {
        return "redirect:/sheets/" + guests.end(id) + "#guests";
    }
}
