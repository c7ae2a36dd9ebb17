package lumko.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import lumko.core.paint.Batch;
import lumko.core.paint.Binder;

/**
 * What is on a surface: what it is made of, and its layers, the oldest first. Layers that only cover places do not count for
 * what one sees and what the next coat meets.
 */
public record Stack(Substrate substrate, List<Coat> coats) {
    /** Coats of one job follow each other within so many days. ASSUMPTION. */
    private static final double ONE_JOB_DAYS = 21;

    public Stack {
        coats = List.copyOf(coats);
    }

    /** Nothing is on it yet but what it is made of, or a skim, since so long. */
    public static Stack raw(Raw raw, Substrate recorded, Age since) {
        return new Stack(raw.substrate(recorded), List.of(Coat.of(raw.layer(), since)));
    }

    /** The same, now that it is known which tin the coat that one sees came from. */
    public Stack seenFrom(String tin, Batch batch) {
        return new Stack(
                substrate,
                coats.stream()
                        .map(coat -> seen().filter(coat::equals).isPresent() ? coat.from(tin, batch) : coat)
                        .toList());
    }

    /** The coat that one sees: the last that covers the whole surface and is not painted over by a primer alone. */
    public Optional<Coat> seen() {
        return coats.stream().filter(coat -> coat.layer().isSeen()).reduce((first, last) -> last);
    }

    private Optional<Coat> last() {
        return coats.stream().filter(coat -> coat.layer().isWhole()).reduce((first, last) -> last);
    }

    /** Whether a coat of an age can lie on top. */
    public boolean takesOnTop(Age age) {
        return takes(age, coats.size());
    }

    /**
     * Whether a coat of an age can lie there: never an older one on a later. Of what age nobody knows stands in no way.
     *
     * @param place how many coats lie under it
     */
    public boolean takes(Age age, int place) {
        return !(age instanceof Age.Known known)
                || coats.subList(0, place).stream().noneMatch(under -> isOlder(known, under))
                        && coats.subList(place, coats.size()).stream()
                                .noneMatch(above -> above.age() instanceof Age.Known there && isOlder(there, known));
    }

    private static boolean isOlder(Age.Known age, Coat than) {
        return than.age() instanceof Age.Known there && isOlder(age, there);
    }

    private static boolean isOlder(Age.Known one, Age.Known than) {
        return one.years() > than.years();
    }

    /** The same with one more on top. */
    public Stack under(Coat coat) {
        List<Coat> more = new ArrayList<>(coats);
        more.add(coat);
        return new Stack(substrate, more);
    }

    /** Whether it was never painted: the last layer is what it is made of, or a skim on it. */
    public boolean isRaw() {
        return last().filter(coat -> coat.layer() == Layer.SUBSTRATE || coat.layer() == Layer.SKIM)
                .isPresent();
    }

    /** Whether what was put on last is a skim, and not what the wall is made of. */
    public boolean isSkimmed() {
        return last().filter(coat -> coat.layer() == Layer.SKIM).isPresent();
    }

    /** How old the layer is that the next coat meets. */
    public Age ageOfTop() {
        return last().map(Coat::age).orElse(Age.UNKNOWN);
    }

    /** What the next coat meets; where nothing is on record, nobody knows. */
    public TopLayer top() {
        return last().map(Stack::asTop).orElse(TopLayer.UNKNOWN);
    }

    private static TopLayer asTop(Coat coat) {
        return switch (coat.layer()) {
            case FINISH -> asTop(coat.film());
            case PRIMER -> TopLayer.PRIMER;
            case MIST_COAT -> TopLayer.WATERBORNE_MATT;
            case SUBSTRATE, SKIM -> TopLayer.BARE;
            // what is stripped leaves the substrate
            case WALLPAPER -> TopLayer.BARE;
            case PANEL_FINISH -> TopLayer.FACTORY_FACE;
            case VARNISH -> TopLayer.SOLVENTBORNE_GLOSS;
            case UNKNOWN, FILLER, SPOT_PRIMER, STAIN_BLOCK, SPOTS -> TopLayer.UNKNOWN;
        };
    }

    private static TopLayer asTop(Film film) {
        return film.binder().isPresent() && film.gloss60().isPresent()
                ? TopLayer.of(film.binder().get(), film.gloss60().getAsDouble())
                : TopLayer.UNKNOWN;
    }

    /** The binder of the paint that goes on where nobody has said: as what is there, water on walls, solvent on bare trim. */
    public Binder usualBinder(boolean isTrim) {
        return seen().flatMap(coat -> coat.film().binder()).orElse(isTrim ? Binder.SOLVENTBORNE : Binder.WATERBORNE);
    }

    /**
     * How many coats of one paint over another this surface really took: runs of the one that a job put straight over the
     * other.
     *
     * @param before keys of the paint that was there
     * @param over keys of the paint that went on
     */
    public List<Integer> coatsTaken(Set<String> before, Set<String> over) {
        List<Integer> runs = new ArrayList<>();
        List<Coat> whole = coats.stream().filter(coat -> coat.layer().isWhole()).toList();
        for (int first = 1; first < whole.size(); first++) {
            Coat coat = whole.get(first);
            if (!isFinish(whole.get(first - 1), before)
                    || !isFinish(coat, over)
                    || coat.job().isEmpty()) {
                continue;
            }
            int end = first + 1;
            while (end < whole.size()
                    && isFinish(whole.get(end), over)
                    && isOneJob(whole.get(end - 1), whole.get(end))) {
                end++;
            }
            runs.add(end - first);
        }
        return runs;
    }

    private static boolean isFinish(Coat coat, Set<String> paints) {
        return coat.layer() == Layer.FINISH
                && coat.paint().filter(paints::contains).isPresent();
    }

    private static boolean isOneJob(Coat one, Coat next) {
        return one.age() instanceof Age.Known before
                && next.age() instanceof Age.Known after
                && (before.years() - after.years()) * Age.DAYS_A_YEAR <= ONE_JOB_DAYS;
    }
}
