package lumko.app.store;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lumko.app.account.Access;
import lumko.app.catalogue.Paint;
import lumko.app.catalogue.PaintBook;
import lumko.app.catalogue.Paints;
import lumko.app.platform.ChangedMeanwhileException;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.Plain;
import lumko.core.quantity.Limits;
import lumko.core.quantity.Volume;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tins of the signed-in organisation; whoever paints says what is in them. */
@Service
@Transactional
public class Store {
    private static final Comparator<Tin> AS_THEY_STAND =
            Comparator.comparing(Tin::place).thenComparing(Tin::label);
    private static final Comparator<Tin> FULLEST_FIRST =
            Comparator.comparing(Tin::left).reversed().thenComparing(Tin::label);

    private static final double ALL_OF_THEM = -1;
    /** Letters of a batch. */
    static final int MOST_OF_BATCH = 30;

    private final TinRepository tins;
    private final Paints paints;
    private final Access access;

    Store(TinRepository tins, Paints paints, Access access) {
        this.tins = tins;
        this.paints = paints;
        this.access = access;
    }

    @Transactional(readOnly = true)
    public Optional<Tin> tin(UUID id) {
        return tins.findById(id).map(row -> tin(row, paints.book()));
    }

    /** Tins by their ids; those that are not there any more are left out. */
    @Transactional(readOnly = true)
    public Map<UUID, Tin> tins(Collection<UUID> ids) {
        return ids.isEmpty()
                ? Map.of()
                : tins(tins.findAllById(Set.copyOf(ids))).stream().collect(Collectors.toMap(Tin::id, tin -> tin));
    }

    /** By paint the tins of it, the fullest first. */
    @Transactional(readOnly = true)
    public Map<Paint, List<Tin>> tinsOf(Collection<Paint> wanted) {
        if (wanted.isEmpty()) {
            return Map.of();
        }
        PaintBook book = paints.book();
        Set<UUID> colours = wanted.stream()
                .flatMap(paint -> book.idsOf(paint.colour()).stream())
                .collect(Collectors.toSet());
        return tins(tins.findByColourIdIn(colours)).stream()
                .filter(tin -> wanted.contains(tin.paint()))
                .sorted(FULLEST_FIRST)
                .collect(Collectors.groupingBy(Tin::paint));
    }

    /** Tins of some colours, by place and label. */
    @Transactional(readOnly = true)
    public List<Tin> tinsIn(Collection<UUID> colourIds) {
        return tins(tins.findByColourIdIn(colourIds)).stream()
                .sorted(AS_THEY_STAND)
                .toList();
    }

    /** The first tins of some colours as they stand, and how many more there are. */
    @Transactional(readOnly = true)
    public Shelf shelfOf(Collection<UUID> colourIds, int most) {
        List<TinRow> first = tins.findByColourIdInOrderByPlaceAscLabelAsc(colourIds, Limit.of(most));
        int of = first.size() < most ? first.size() : tins.countByColourIdIn(colourIds);
        return new Shelf(tins(first), of - first.size());
    }

    /** Every tin with something in it, by place and label. */
    @Transactional(readOnly = true)
    public List<Tin> onShelf() {
        return tins(tins.findByLeftLitresGreaterThan(0)).stream()
                .sorted(AS_THEY_STAND)
                .toList();
    }

    /**
     * Tins as they stand.
     *
     * @param more how many more there are than are shown
     */
    public record Shelf(List<Tin> tins, int more) {}

    /** The tins whose label, batch, place, colour or product has all the words; the empty ones only if they are asked for. */
    @Transactional(readOnly = true)
    public Shelf shelf(String typed, boolean emptyToo, int most) {
        PaintBook book = paints.book();
        List<UUID> found = tins.written(emptyToo ? ALL_OF_THEM : 0).stream()
                .filter(tin -> holds(typed, tin, book))
                .map(TinRepository.Written::id)
                .toList();
        return shelf(found.stream().limit(most).toList(), found.size());
    }

    private Shelf shelf(List<UUID> shown, int of) {
        Map<UUID, Tin> read = tins(shown);
        return new Shelf(
                shown.stream().flatMap(id -> Stream.ofNullable(read.get(id))).toList(), of - shown.size());
    }

    private static boolean holds(String typed, TinRepository.Written tin, PaintBook book) {
        return Plain.holds(
                typed,
                tin.label(),
                tin.batch(),
                tin.place(),
                Optional.ofNullable(book.colours().get(tin.colourId()))
                        .orElseThrow()
                        .name(),
                Optional.ofNullable(book.products().get(tin.productId()))
                        .orElseThrow()
                        .fullName());
    }

    /** The tin with that label. */
    @Transactional(readOnly = true)
    public Optional<Tin> labelled(String label) {
        return tins.findByLabel(label).map(row -> tin(row, paints.book()));
    }

    /** Every tin, the empty ones too, by place and label. */
    @Transactional(readOnly = true)
    public List<Tin> all() {
        return tins(tins.findAll()).stream().sorted(AS_THEY_STAND).toList();
    }

    private List<Tin> tins(List<TinRow> rows) {
        PaintBook book = paints.book();
        return rows.stream().map(row -> tin(row, book)).toList();
    }

    private static Tin tin(TinRow row, PaintBook book) {
        return new Tin(
                row.id(),
                row.label,
                Optional.ofNullable(book.products().get(row.productId)).orElseThrow(),
                Optional.ofNullable(book.colours().get(row.colourId)).orElseThrow(),
                row.batch,
                Volume.ofLitres(row.sizeLitres),
                Volume.ofLitres(row.leftLitres),
                row.place,
                row.tintedAt,
                row.version());
    }

    @Transactional(readOnly = true)
    public boolean hasTinLabelled(String label) {
        return tins.existsByLabel(label);
    }

    public UUID addTin(
            String label,
            UUID product,
            UUID colour,
            String batch,
            Volume size,
            Volume left,
            String place,
            String tintedAt) {
        access.requirePainter();
        Paints.TIN_SIZE.check(size.inLitres());
        new Limits("left in the tin", 0, size.inLitres(), "L").check(left.inLitres());
        PaintBook book = paints.book();
        if (!book.products().containsKey(product) || !book.colours().containsKey(colour)) {
            throw new NotFoundException();
        }
        TinRow row = new TinRow(UUID.randomUUID());
        row.label = label;
        row.productId = product;
        row.colourId = colour;
        row.batch = batch;
        row.sizeLitres = size.inLitres();
        row.leftLitres = left.inLitres();
        row.place = place;
        row.tintedAt = tintedAt;
        return tins.save(row).id();
    }

    /**
     * Puts a tin where it stands with what is left in it.
     *
     * @return the version it has then
     * @throws ChangedMeanwhileException if somebody has changed it since that version
     */
    public int putDown(UUID tinId, Volume left, String place, int seenVersion) {
        access.requirePainter();
        TinRow row = seen(new Seen(tinId, seenVersion));
        new Limits("left in the tin", 0, row.sizeLitres, "L").check(left.inLitres());
        row.leftLitres = left.inLitres();
        row.place = place;
        return tins.saveAndFlush(row).version();
    }

    /**
     * Puts right what was entered of a tin.
     *
     * @throws ChangedMeanwhileException if somebody has changed it since that version
     */
    public void change(
            UUID tinId,
            String label,
            Paint paint,
            String batch,
            Volume size,
            Volume left,
            String place,
            String tintedAt,
            int seenVersion) {
        access.requirePainter();
        TinRow row = seen(new Seen(tinId, seenVersion));
        Paints.TIN_SIZE.check(size.inLitres());
        new Limits("left in the tin", 0, size.inLitres(), "L").check(left.inLitres());
        row.label = label;
        row.productId = paint.product().id();
        row.colourId = paint.colour().id();
        row.batch = batch;
        row.sizeLitres = size.inLitres();
        row.leftLitres = left.inLitres();
        row.place = place;
        row.tintedAt = tintedAt;
        tins.flush();
    }

    /** A tin as somebody saw it who does something with it now. */
    public record Seen(UUID tinId, int version) {}

    /**
     * Pours tins of one paint together into one of its own. They are empty afterwards, and stay what was painted from them: what is in
     * the new one is no longer quite the same.
     *
     * @throws ChangedMeanwhileException if somebody has changed one of them since
     * @throws NotFoundException if they are not of one paint
     */
    public UUID pour(List<Seen> from, String label, Volume size, String place) {
        access.requirePainter();
        List<TinRow> rows = from.stream().map(this::seen).toList();
        PaintBook book = paints.book();
        List<Paint> of =
                rows.stream().map(row -> tin(row, book).paint()).distinct().toList();
        if (rows.size() < 2 || of.size() > 1) {
            throw new NotFoundException();
        }
        Volume together =
                Volume.ofLitres(rows.stream().mapToDouble(row -> row.leftLitres).sum());
        String batch = rows.stream()
                .map(row -> row.batch)
                .filter(known -> !known.isEmpty())
                .distinct()
                .collect(Collectors.joining(Tin.BATCHES));
        rows.forEach(row -> row.leftLitres = 0);
        return addTin(
                label,
                of.getFirst().product().id(),
                of.getFirst().colour().id(),
                batch.length() <= MOST_OF_BATCH ? batch : "…" + Tin.BATCHES + "…",
                size,
                together,
                place,
                rows.stream().map(row -> row.tintedAt).distinct().count() == 1 ? rows.getFirst().tintedAt : "");
    }

    private TinRow seen(Seen seen) {
        TinRow row = tins.findById(seen.tinId).orElseThrow(NotFoundException::new);
        row.checkSeen(seen.version);
        return row;
    }

    /** Takes a tin out of the store that came in by mistake. */
    public void takeOut(UUID tinId) {
        access.requirePainter();
        tins.findById(tinId).ifPresent(tins::delete);
        tins.flush();
    }

    /** Notes what a dip into the tin has shown. */
    public void dip(UUID tinId, Volume left, int seenVersion) {
        access.requirePainter();
        TinRow row = seen(new Seen(tinId, seenVersion));
        new Limits("left in the tin", 0, row.sizeLitres, "L").check(left.inLitres());
        row.leftLitres = left.inLitres();
    }
}
