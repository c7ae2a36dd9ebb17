package lumko.core.judge;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import lumko.core.activity.Site;
import lumko.core.colour.Lab;
import lumko.core.drying.Climate;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.WindowLight;
import lumko.core.job.Action;
import lumko.core.job.Face;
import lumko.core.job.Job;
import lumko.core.job.Place;
import lumko.core.job.Room;
import lumko.core.record.Age;
import lumko.core.record.Coat;
import lumko.core.record.PaintBasis;
import lumko.core.repair.Mark;

/**
 * Everything the verdict on a surface rests on.
 *
 * @param daysToViewing days until somebody looks at it with critical eyes, at least 0; empty if nobody is expected (any more)
 * @param scrutiny how hard they look
 * @param manner how it is touched up
 */
public record SurfaceCase(
        Face face,
        Room room,
        Site site,
        WindowLight light,
        Climate climate,
        OptionalInt daysToViewing,
        Scrutiny scrutiny,
        Manner manner) {
    public SurfaceCase {
        if (daysToViewing.orElse(0) < 0) {
            throw new IllegalArgumentException("Who has looked already looks no more: " + daysToViewing);
        }
    }

    /** Looked at and touched up as usual. */
    public SurfaceCase(Face face, Room room, Site site, WindowLight light, Climate climate, OptionalInt daysToViewing) {
        this(face, room, site, light, climate, daysToViewing, Scrutiny.AS_USUAL, Manner.USUAL);
    }

    /** Under other eyes. */
    public SurfaceCase under(Scrutiny other) {
        return new SurfaceCase(face, room, site, light, climate, daysToViewing, other, manner);
    }

    SurfaceCase done(Manner other) {
        return new SurfaceCase(face, room, site, light, climate, daysToViewing, scrutiny, other);
    }

    SurfaceCase viewedIn(int days) {
        return new SurfaceCase(face, room, site, light, climate, OptionalInt.of(days), scrutiny, manner);
    }

    SurfaceCase with(Face other) {
        return new SurfaceCase(other, room, site, light, climate, daysToViewing, scrutiny, manner);
    }

    List<Place> places() {
        return face.places();
    }

    List<Mark> marks() {
        return face.places().stream().map(Place::mark).toList();
    }

    PaintBasis basis() {
        return face.goesOn().basis();
    }

    Age age() {
        return face.stack().seen().map(Coat::age).orElse(Age.UNKNOWN);
    }

    Optional<Lab> colour() {
        return face.stack().seen().flatMap(coat -> coat.film().colour());
    }

    OptionalDouble gloss() {
        return face.stack().seen().map(coat -> coat.film().gloss60()).orElse(OptionalDouble.empty());
    }

    boolean has(RoomFinding finding) {
        return room.findings().contains(finding);
    }

    boolean isSmoked() {
        return room.isSmoked();
    }

    /** What the planner is asked for. */
    Job job(Action action) {
        return Job.of(room, face.with(action), site);
    }

    /** The same surface with other marks. */
    SurfaceCase with(List<Place> others) {
        return with(face.with(others));
    }
}
