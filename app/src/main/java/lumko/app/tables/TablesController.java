package lumko.app.tables;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.formats.BadFileException;
import lumko.app.platform.Csv;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.platform.UploadRefusedException;
import lumko.app.platform.Uploads;
import lumko.app.platform.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Tables in: templates, the look before, taking and taking back. */
@Controller
class TablesController {
    /** So many rows of each sort are shown. */
    private static final int MOST_SHOWN = 100;

    private final Imports imports;
    private final Uploads uploads;
    private final Access access;
    private final Speaker speaker;
    private final HttpServletResponse response;

    TablesController(Imports imports, Uploads uploads, Access access, Speaker speaker, HttpServletResponse response) {
        this.imports = imports;
        this.uploads = uploads;
        this.access = access;
        this.speaker = speaker;
        this.response = response;
    }

    /** A column of a template, in the words of the organisation. */
    record Heading(String name, boolean isRequired) {}

    @GetMapping("/tables")
    String all(Model model) {
        access.requireLead();
        Words words = speaker.words();
        Map<TableKind, List<Heading>> kinds = new LinkedHashMap<>();
        for (TableKind kind : TableKind.values()) {
            kinds.put(
                    kind,
                    Stream.concat(
                                    kind.required().stream()
                                            .map(field -> new Heading(Columns.name(field, words), true)),
                                    kind.optional().stream()
                                            .map(field -> new Heading(Columns.name(field, words), false)))
                            .toList());
        }
        model.addAttribute("kinds", kinds);
        model.addAttribute("taken", imports.taken());
        return "tables";
    }

    @GetMapping("/tables/{kind}.csv")
    ResponseEntity<String> template(@PathVariable String kind) throws IOException {
        access.requireLead();
        TableKind of =
                Plain.oneOf(TableKind.values(), kind.toUpperCase(Locale.ROOT)).orElseThrow(NotFoundException::new);
        StringBuilder out = new StringBuilder();
        Words words = speaker.words();
        new Csv(out).row(of.columns().stream().map(field -> Columns.name(field, words)));
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=lumko-" + kind + ".csv")
                .body(out.toString());
    }

    @PostMapping("/tables")
    String save(@RequestParam MultipartFile file, @RequestParam(defaultValue = "") String kind, Model model)
            throws IOException {
        access.requireLead();
        try {
            String name = Optional.ofNullable(file.getOriginalFilename()).orElse("");
            return "redirect:/tables/"
                    + uploads.read(
                            file,
                            TableFile.MOST_MEGABYTES,
                            sent -> imports.save(name, sent.getBytes(), Plain.oneOf(TableKind.values(), kind)));
        } catch (BadFileException | UploadRefusedException refused) {
            response.setStatus(422);
            model.addAttribute("refused", refused.getMessage());
            return all(model);
        }
    }

    /**
     * @param now whether a long table is looked through at once; else a page comes first that says how far that is
     */
    @GetMapping("/tables/{id}")
    String look(@PathVariable UUID id, @RequestParam(defaultValue = "") String now, Model model) {
        Optional<String> isLong = now.isEmpty() ? imports.longFile(id) : Optional.empty();
        if (isLong.isPresent()) {
            model.addAttribute("id", id);
            model.addAttribute("fileName", isLong.get());
            return "table-long";
        }
        Imports.Seen seen = imports.look(id);
        Words words = speaker.words();
        Map<String, String> names = new LinkedHashMap<>();
        seen.kind().columns().forEach(field -> names.put(field, Columns.name(field, words)));
        model.addAttribute("seen", seen);
        model.addAttribute("names", names);
        model.addAttribute("most", MOST_SHOWN);
        model.addAttribute("results", Taker.Result.values());
        // what stands in the way comes first
        model.addAttribute(
                "shown", List.of(Taker.Result.REFUSED, Taker.Result.CHANGED, Taker.Result.MADE, Taker.Result.THERE));
        model.addAttribute("orders", DayOrder.values());
        return "table";
    }

    /** How far it is: rows of how many; nothing where nobody knows. */
    @GetMapping(path = "/tables/{id}/progress", produces = MediaType.TEXT_PLAIN_VALUE)
    @ResponseBody
    String progress(@PathVariable UUID id) {
        return imports.progress(id)
                .map(share -> share.rows() + "/" + share.of())
                .orElse("");
    }

    /** Which column says what: {@code column-0}, {@code column-1} … */
    @PostMapping("/tables/{id}/columns")
    String describe(@PathVariable UUID id, @RequestParam Map<String, String> typed) {
        Map<Integer, String> fieldOf = new HashMap<>();
        typed.forEach((name, field) -> {
            if (name.matches("column-\\d{1,3}") && !field.isEmpty()) {
                fieldOf.put(Integer.valueOf(name.substring("column-".length())), field);
            }
        });
        imports.describe(id, fieldOf, Plain.oneOf(DayOrder.values(), typed.getOrDefault("dayOrder", "")));
        return "redirect:/tables/" + id;
    }

    @PostMapping("/tables/{id}/take")
    String take(@PathVariable UUID id, @RequestParam int version, RedirectAttributes after) {
        imports.take(id, version);
        after.addFlashAttribute("isTaken", true);
        return "redirect:/tables";
    }

    @PostMapping("/tables/{id}/undo")
    String undo(@PathVariable UUID id, RedirectAttributes after) {
        imports.undo(id);
        after.addFlashAttribute("isUndone", true);
        return "redirect:/tables";
    }
}
