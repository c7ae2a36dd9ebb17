package lumko.app.walk;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.bench.KeptResults;
import lumko.app.drawing.WallDrawing;
import lumko.app.figure.Figures;
import lumko.app.history.History;
import lumko.app.house.Surface;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.reading.Candidates;
import lumko.core.colour.ColourDifference;
import lumko.core.colour.Lab;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;

/** The page of one walked wall or ceiling, and the part of it that every change answers with. */
@Component
class WalkPage {
    private final Walks walks;
    private final Store store;
    private final KeptResults results;
    private final Candidates candidates;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;

    WalkPage(
            Walks walks,
            Store store,
            KeptResults results,
            Candidates candidates,
            Figures figures,
            History history,
            Access access,
            Speaker speaker) {
        this.walks = walks;
        this.store = store;
        this.results = results;
        this.candidates = candidates;
        this.figures = figures;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
    }

    /** In one transaction, so that all of it is of one moment and the database is asked once for its connection. */
    @Transactional(readOnly = true)
    void show(UUID wallId, Model model, Form form) {
        WalkedFlat around = walks.around(wallId);
        WalkedWall walked = around.surfaces().getFirst();
        List<Surface> faces = walked.flat().faces().toList();
        int at = faces.stream().map(Surface::id).toList().indexOf(wallId);
        model.addAttribute("groups", FaultKind.Group.values());
        model.addAttribute("kinds", FaultKind.values());
        model.addAttribute("wall", walked);
        model.addAttribute(
                "trim",
                around.trims().stream()
                        .filter(trim -> trim.room().id().equals(walked.room().id()))
                        .findFirst()
                        .orElseThrow());
        model.addAttribute("findings", RoomFinding.values());
        model.addAttribute("placeAnswers", PlaceAnswer.values());
        model.addAttribute("form", form);
        model.addAttribute("drawing", drawing(walked));
        model.addAttribute("faces", faces);
        model.addAttribute("position", at + 1);
        model.addAttribute("of", faces.size());
        model.addAttribute("before", at > 0 ? faces.get(at - 1).id() : null);
        model.addAttribute("after", at + 1 < faces.size() ? faces.get(at + 1).id() : null);
        model.addAttribute(
                "mayChange", access.mayChangeRecordsOf(walked.flat().house().id()));
        model.addAttribute("lastRemoved", walks.lastRemoved(wallId).orElse(null));
        model.addAttribute("view", new WalkView(walked, around.practice(), figures.catalogue(), speaker.words()));
        model.addAttribute("tins", tins(walked.surface()));
        model.addAttribute("kept", results.ofSurface(wallId));
        model.addAttribute(
                "read",
                candidates.againstRecord(walked.flat(), walked.surface()).orElse(null));
    }

    void showMark(UUID markId, Model model) {
        RepairedMark repaired = walks.repaired(markId);
        model.addAttribute("repaired", repaired);
        model.addAttribute("view", new MarkView(repaired, speaker.words()));
        model.addAttribute("events", history.ofMark(markId));
        model.addAttribute(
                "mayChange",
                access.mayChangeRecordsOf(repaired.wall().flat().house().id()));
    }

    /** Tins of what is made for such a surface; of its own colour first, then by how near their colours are to it. */
    private List<Tin> tins(Surface surface) {
        Optional<Lab> own = surface.topCoat().flatMap(coat -> coat.colour()).map(colour -> colour.lab());
        Comparator<Tin> nearest = Comparator.comparingDouble(
                tin -> own.map(lab -> ColourDifference.between(lab, tin.colour().lab()))
                        .orElse(0.0));
        return store.stock().onShelf().stream()
                .filter(tin -> surface.suits(tin.product().kind()))
                .sorted(nearest.thenComparing(Tin::label))
                .toList();
    }

    private static WallDrawing drawing(WalkedWall walked) {
        return WallDrawing.of(
                walked.surface().asWall(),
                walked.surface().fill(),
                walked.marks().stream().map(PlacedMark::numbered).toList());
    }
}
