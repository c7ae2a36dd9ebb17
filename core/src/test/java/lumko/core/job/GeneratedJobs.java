package lumko.core.job;

import static lumko.core.job.Given.LIGHT;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import lumko.core.activity.Site;
import lumko.core.colour.Lab;
import lumko.core.fault.Condition;
import lumko.core.fault.FaultKind;
import lumko.core.fault.RoomFinding;
import lumko.core.geometry.Box;
import lumko.core.geometry.EveryTime;
import lumko.core.geometry.Fitting;
import lumko.core.geometry.Opening;
import lumko.core.geometry.RoomKind;
import lumko.core.geometry.Spot;
import lumko.core.geometry.Texture;
import lumko.core.geometry.Wall;
import lumko.core.paint.Binder;
import lumko.core.quantity.Area;
import lumko.core.quantity.Length;
import lumko.core.record.Film;
import lumko.core.record.PaintBasis;
import lumko.core.record.Stack;
import lumko.core.record.Substrate;
import lumko.core.repair.Mark;

/** Jobs of every sort, each the same for the same seed: two rooms, old and new houses, every fault, every kind of surface. */
public final class GeneratedJobs {
    private static final List<Action> ACTIONS =
            List.of(Action.LEAVE, Action.WASH, Action.DAB, Action.FEATHER, Action.ROLL, Action.SKIM_AND_ROLL);
    private static final List<Substrate> WALLS =
            List.of(Substrate.GYPSUM_BOARD, Substrate.GYPSUM_BOARD, Substrate.SKIM_PLASTER, Substrate.LIME_PLASTER);
    private static final List<PaintBasis> BASES = List.of(
            PaintBasis.SAME_TIN,
            PaintBasis.SAME_BATCH,
            PaintBasis.BOUGHT_AGAIN,
            PaintBasis.NOT_CONFIRMED,
            PaintBasis.OTHER_PAINT);

    private final Random random;

    public GeneratedJobs(long seed) {
        this.random = new Random(seed);
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private boolean isOnceIn(int times) {
        return random.nextInt(times) == 0;
    }

    public Job next() {
        List<Room> rooms = new ArrayList<>();
        List<Face> faces = new ArrayList<>();
        for (String key : List.of("r", "s")) {
            Room room = room(key);
            rooms.add(room);
            faces.addAll(faces(room));
        }
        Site site = new Site(1890 + random.nextInt(135), isOnceIn(3));
        return Job.of(rooms, faces, site);
    }

    private Room room(String key) {
        Set<RoomFinding> findings = EnumSet.noneOf(RoomFinding.class);
        for (RoomFinding finding : RoomFinding.values()) {
            if (isOnceIn(8)) {
                findings.add(finding);
            }
        }
        return new Room(
                key,
                one(List.of(RoomKind.values())),
                findings,
                one(List.of(Room.Floor.values())),
                isOnceIn(4) ? Optional.empty() : Optional.of(Area.ofSquareMetres(2 + random.nextDouble(18))));
    }

    private List<Face> faces(Room room) {
        List<Face> faces = new ArrayList<>();
        int walls = 2 + random.nextInt(3);
        for (int n = 0; n < walls; n++) {
            String left = room.key() + (n + walls - 1) % walls;
            String right = room.key() + (n + 1) % walls;
            faces.add(face(room, room.key() + n, Side.WALL)
                    .with(new Face.Around(List.of(left, right), room.key() + "c")));
        }
        faces.add(face(room, room.key() + "c", Side.CEILING));
        if (isOnceIn(2)) {
            faces.add(trim(room));
        }
        return faces;
    }

    private Face face(Room room, String key, Side side) {
        Wall wall = side == Side.CEILING ? ceiling() : wall();
        boolean isBare = isOnceIn(8);
        Film film = Film.of(Binder.WATERBORNE, 2 + random.nextDouble(30), isOnceIn(4) ? new Lab(35, -10, 8) : LIGHT);
        Stack stack = isBare
                ? Given.bare(one(WALLS))
                : new Stack(
                        one(WALLS),
                        Given.painted("p" + random.nextInt(3), film, random.nextDouble(9))
                                .coats());
        List<Mark> marks = new ArrayList<>();
        for (int n = isOnceIn(4) ? 0 : random.nextInt(6); n > 0; n--) {
            marks.add(mark(wall));
        }
        Face face = Face.of(
                side,
                key,
                room.key(),
                wall,
                stack,
                GoesOn.same("p" + random.nextInt(3), film, isBare ? PaintBasis.BARE : one(BASES)),
                Given.places(key, marks.toArray(Mark[]::new)));
        Face done = face.with(isBare ? Action.ROLL : one(ACTIONS));
        boolean isPanelled = side == Side.WALL && isOnceIn(4);
        return isPanelled
                ? done.withPanels(List.of(new EveryTime(
                        EveryTime.Kind.OUTSIDE_CORNER,
                        0,
                        Box.ofMillimetres(wall.width().inMillimetres() - 200, 0, 200, 2400))))
                : done;
    }

    private Wall wall() {
        List<Opening> openings =
                isOnceIn(3) ? List.of(new Opening(Opening.Kind.DOOR, Box.ofMillimetres(300, 0, 900, 2000))) : List.of();
        List<Fitting> fittings = new ArrayList<>();
        Fitting.Kind[] kinds = Fitting.Kind.values();
        for (int n = random.nextInt(3); n > 0; n--) {
            fittings.add(new Fitting(
                    kinds[random.nextInt(kinds.length)], Box.ofMillimetres(1400 + 700.0 * n, 300, 150, 150)));
        }
        return new Wall(
                Length.ofMetres(4 + random.nextDouble(2)),
                Length.ofMetres(2.4 + random.nextDouble(0.8)),
                one(List.of(Texture.values())),
                openings,
                fittings);
    }

    private Wall ceiling() {
        return new Wall(Length.ofMetres(4), Length.ofMetres(3), one(List.of(Texture.values())), List.of(), List.of());
    }

    private Mark mark(Wall wall) {
        FaultKind kind = one(List.of(FaultKind.values()));
        Condition condition = Condition.USUAL
                .with(one(List.of(Condition.Edge.values())))
                .with(one(List.of(Condition.Backing.values())))
                .with(one(List.of(Condition.Movement.values())))
                .with(one(List.of(Condition.Turns.values())))
                .with(one(List.of(Condition.Owner.values())))
                .with(one(List.of(Condition.Freshness.values())));
        double left = 1300 + random.nextDouble(wall.width().inMillimetres() - 1500);
        double up = 100 + random.nextDouble(wall.height().inMillimetres() - 200);
        return new Mark(Spot.ofMillimetres(left, up), kind.of(kind.usual(), condition));
    }

    private Face trim(Room room) {
        Face trim = Given.trim(room.key() + "t");
        return new Face(
                trim.key(),
                room.key(),
                trim.side(),
                trim.wall(),
                trim.parts(),
                trim.stack(),
                trim.places(),
                trim.action(),
                trim.goesOn(),
                trim.panels(),
                trim.ways(),
                trim.around(),
                trim.fate(),
                trim.coatsOn());
    }
}
