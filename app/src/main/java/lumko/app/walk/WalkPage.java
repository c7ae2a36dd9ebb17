package lumko.app.walk;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.drawing.WallDrawing;
import lumko.app.figure.Figures;
import lumko.app.history.History;
import lumko.app.house.Flat;
import lumko.app.house.Surface;
import lumko.app.kept.KeptResults;
import lumko.app.platform.Form;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import lumko.app.reading.Candidates;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.figure.Catalogue;
import lumko.core.job.Action;
import lumko.core.job.Job;
import lumko.core.job.JobPlanner;
import lumko.core.judge.BuiltUp;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.ui.Model;

/** The page of one walked wall or ceiling, and the part of it that every change answers with. */
@Component
class WalkPage {
    private final Walks walks;
    private final PaintOffers offers;
    private final KeptResults results;
    private final Candidates candidates;
    private final Figures figures;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final HttpServletRequest request;
    private final HttpServletResponse response;

    WalkPage(
            Walks walks,
            PaintOffers offers,
            KeptResults results,
            Candidates candidates,
            Figures figures,
            History history,
            Access access,
            Speaker speaker,
            HttpServletRequest request,
            HttpServletResponse response) {
        this.walks = walks;
        this.offers = offers;
        this.results = results;
        this.candidates = candidates;
        this.figures = figures;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.request = request;
        this.response = response;
    }

    /** In one transaction, so that all of it is of one moment and the database is asked once for its connection. */
    @Transactional(readOnly = true)
    void show(UUID wallId, Model model, Form form) {
        Walks.Walk walk = walks.walk(wallId);
        WalkedFlat around = walk.around();
        WalkedWall walked = around.surfaces().getFirst();
        model.addAttribute("wall", walked);
        model.addAttribute("isUpdate", isUpdate());
        model.addAttribute("form", form);
        model.addAttribute(
                "mayChange", access.mayChangeRecordsOf(walked.flat().house().id()));
        way(around, wallId, model);
        choices(model);
        views(around, walked, model);
        PaintView paint = paint(wallId, walked.flat(), walked.surface(), walked.visit());
        model.addAttribute("paint", paint);
        List<BrushedView> trims = around.trims().stream()
                .filter(each -> each.room().id().equals(walked.room().id()))
                .map(each -> brushed(wallId, walked.flat(), each))
                .toList();
        model.addAttribute("trims", trims);
        model.addAttribute("paints", new Paints(paint, trims));
        model.addAttribute(
                "ownLast",
                walked.marks().stream()
                        .filter(mark -> mark.setBy().equals(access.member().personId()))
                        .map(PlacedMark::id)
                        .reduce((first, last) -> last)
                        .orElse(null));
        walk.lastRemoved().ifPresent(removed -> {
            model.addAttribute("lastRemoved", removed.markId());
            model.addAttribute(
                    "removedBy",
                    removed.by().filter(access.member().personId()::equals).isPresent() ? "" : removed.name());
        });
        model.addAttribute("kept", results.ofSurface(wallId));
        model.addAttribute(
                "read",
                candidates.againstRecord(walked.flat(), walked.surface()).orElse(null));
    }

    private void way(WalkedFlat around, UUID wallId, Model model) {
        List<Surface> faces = around.flat().faces().toList();
        int at = faces.stream().map(Surface::id).toList().indexOf(wallId);
        model.addAttribute("faces", faces);
        model.addAttribute("position", at + 1);
        model.addAttribute("of", faces.size());
        model.addAttribute("before", at > 0 ? faces.get(at - 1).id() : null);
        model.addAttribute("next", around.after(wallId).orElse(null));
        model.addAttribute(
                "mayPassRoom",
                around.flat().turnover().isPresent()
                        && around.flat().roomOf(wallId).surfaces().stream()
                                .filter(each ->
                                        each.wall().isPresent() && !each.id().equals(wallId))
                                .anyMatch(each -> !around.walked().contains(each.id())));
    }

    private static void choices(Model model) {
        model.addAttribute("groups", FaultKind.Group.values());
        model.addAttribute("kinds", FaultKind.values());
        model.addAttribute("findings", RoomFinding.values());
        model.addAttribute("placeAnswers", PlaceAnswer.values());
        model.addAttribute("reaches", Reach.values());
        model.addAttribute("floors", lumko.core.job.Room.Floor.values());
    }

    private void views(WalkedFlat around, WalkedWall walked, Model model) {
        Catalogue catalogue = figures.catalogue();
        Words words = speaker.words();
        WallDrawing drawing = drawing(walked);
        MarkListView list = new MarkListView(walked, words);
        model.addAttribute("drawing", drawing);
        model.addAttribute("view", new WalkView(walked, around.practice(), catalogue, speaker.today(), words));
        model.addAttribute("verdict", new VerdictView(walked, around.practice(), catalogue, words));
        model.addAttribute("bars", new BarsView(walked, words));
        model.addAttribute("list", list);
        model.addAttribute("board", new BoardView(walked, drawing, list, catalogue, words));
    }

    /** The questions about paint on a page: of its wall, and of what is brushed in its room. */
    private record Paints(PaintView ofWall, List<BrushedView> brushed) {
        PaintView of(UUID surfaceId) {
            return brushed.stream()
                    .flatMap(each -> each.paint().stream())
                    .filter(paint -> paint.surfaceId().equals(surfaceId))
                    .findFirst()
                    .orElse(ofWall);
        }
    }

    /** What is not painted is asked nothing about its paint. */
    private BrushedView brushed(UUID wallId, Flat flat, WalkedTrim trim) {
        return new BrushedView(
                trim,
                trim.isPainted() ? Optional.of(paint(wallId, flat, trim.surface(), trim.visit())) : Optional.empty(),
                speaker.words());
    }

    private PaintView paint(UUID wallId, Flat flat, Surface surface, Visit visit) {
        Surface recorded = flat.surface(surface.id()).orElseThrow();
        return new PaintView(wallId, flat, surface, visit, offers.leftOvers(recorded), speaker.words());
    }

    /** Adds what could go on a surface of the page, found by what was typed. */
    @Transactional(readOnly = true)
    void offer(UUID wallId, UUID surfaceId, String typed, Model model) {
        model.addAttribute("offers", offers.of(wallId, surfaceId, typed));
        model.addAttribute(
                "offered",
                Objects.requireNonNull((Paints) model.getAttribute("paints")).of(surfaceId));
    }

    /** Adds in how many coats the surface could be painted from edge to edge. */
    @Transactional(readOnly = true)
    void coats(UUID wallId, Model model) {
        WalkedFlat around = walks.around(wallId);
        WalkedWall walked = around.surfaces().getFirst();
        Catalogue catalogue = figures.catalogue();
        Action action = walked.action().isWhole() ? walked.action() : Action.ROLL;
        Job job = Job.of(
                walked.around(),
                walked.found().with(action),
                walked.flat().house().site());
        List<BuiltUp> ways = BuiltUp.ways(job, new JobPlanner(catalogue, around.practice()), catalogue);
        model.addAttribute("coats", new CoatsView(walked, ways, speaker.words()));
        model.addAttribute("reaches", Reach.values());
        model.addAttribute("wallId", wallId);
    }

    /** Whether a part of the page is asked for, not all of it. */
    boolean isUpdate() {
        return "true".equals(request.getHeader("HX-Request"));
    }

    /** What a change answers with: the surface as it then is, with what was refused of it. */
    @Transactional(readOnly = true)
    String answer(UUID wallId, Form form, Model model) {
        if (form.hasErrors()) {
            response.setStatus(422);
        } else if (!isUpdate()) {
            return form.typed("back").equals("flat")
                    ? "redirect:/flats/" + walks.around(wallId).flat().id()
                    : "redirect:/walls/" + wallId + "/walk";
        }
        show(wallId, model, form);
        return isUpdate() ? "walk :: live" : "walk";
    }

    void showMark(UUID markId, Model model) {
        RepairedMark repaired = walks.repaired(markId);
        model.addAttribute("repaired", repaired);
        model.addAttribute("view", new MarkView(repaired, figures.catalogue(), speaker.words()));
        model.addAttribute("events", history.ofMark(markId));
        model.addAttribute(
                "mayChange",
                access.mayChangeRecordsOf(repaired.wall().flat().house().id()));
    }

    private static WallDrawing drawing(WalkedWall walked) {
        return WallDrawing.of(
                walked.surface().asWall(),
                walked.surface().fill(),
                walked.marks().stream().map(PlacedMark::numbered).toList());
    }
}
