package lumko.app.figure;

import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.platform.ReferenceData;
import lumko.core.figure.Catalogue;
import lumko.core.figure.Figure;
import lumko.core.quantity.Limits;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The figures that the signed-in organisation plans with. */
@Service
@Transactional
public class Figures {
    private final OwnFigureRepository own;
    private final People people;
    private final Access access;
    private final Clock clock;
    private final ReferenceData.Kept<Catalogue> catalogues;

    Figures(OwnFigureRepository own, People people, Access access, Clock clock, ReferenceData referenceData) {
        this.own = own;
        this.people = people;
        this.access = access;
        this.clock = clock;
        catalogues = referenceData.kept(this::read);
    }

    private Catalogue read() {
        return Catalogue.of(own.findAll().stream().collect(Collectors.toMap(row -> row.figure, row -> row.amount)));
    }

    /** What the organisation has set in place of the starting value. */
    public record Own(double amount, String why, String setBy, Instant setAt) {}

    /** A figure with what is in force. */
    public record Entry(Figure figure, double inForce, Optional<Own> own) {}

    @Transactional(readOnly = true)
    public Catalogue catalogue() {
        return catalogues.get();
    }

    @Transactional(readOnly = true)
    public Entry entry(Figure figure) {
        return all().get(figure.ordinal());
    }

    /** Every figure, in the order in which they stand. */
    @Transactional(readOnly = true)
    public List<Entry> all() {
        Map<Figure, OwnFigureRow> rows =
                own.findAll().stream().collect(Collectors.toMap(row -> row.figure, row -> row));
        Map<UUID, String> names = people.names();
        return Arrays.stream(Figure.values())
                .map(figure -> Optional.ofNullable(rows.get(figure))
                        .map(row -> new Entry(
                                figure,
                                row.amount,
                                Optional.of(
                                        new Own(row.amount, row.why, names.getOrDefault(row.setBy, ""), row.setAt))))
                        .orElseGet(() -> new Entry(figure, figure.startingValue(), Optional.empty())))
                .toList();
    }

    public void set(Figure figure, double amount, String why) {
        access.requireLead();
        catalogues.changes();
        new Limits(figure.name(), figure.low(), figure.high(), "").check(amount);
        OwnFigureRow row = own.findByFigure(figure).orElseGet(() -> new OwnFigureRow(figure));
        row.amount = amount;
        row.why = why;
        row.setBy = access.member().personId();
        row.setAt = clock.instant();
        own.save(row);
    }

    /** Back to the starting value. */
    public void reset(Figure figure) {
        access.requireLead();
        catalogues.changes();
        own.findByFigure(figure).ifPresent(own::delete);
    }
}
