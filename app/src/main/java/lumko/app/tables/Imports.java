package lumko.app.tables;

import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.formats.BadFileException;
import lumko.app.history.EventKind;
import lumko.app.history.History;
import lumko.app.history.Subject;
import lumko.app.platform.Form;
import lumko.app.platform.NotFoundException;
import lumko.app.platform.NotNowException;
import lumko.app.platform.Plain;
import lumko.app.platform.Speaker;
import lumko.app.platform.Words;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tables that come in. What a table would do is found by doing it, in a transaction that is never committed; so nothing is told
 * before that does not happen after.
 */
@Service
public class Imports {
    /** So long a table waits to be taken. */
    private static final Duration WAITS = Duration.ofDays(1);

    private static final int MOST_LISTED = 10;
    /** From so many bytes on, a few hundred rows, one would wonder whether anything happens. */
    private static final int LONG_FROM = 20_000;

    private static final Set<String> WITH_UNIT = Set.of("length", "width", "height", "size", "left-in-tin");
    private static final String DATE = "appliedOn";

    private final ImportRepository imports;
    private final Map<TableKind, Taker> takers = new EnumMap<>(TableKind.class);
    private final People people;
    private final History history;
    private final Access access;
    private final Speaker speaker;
    private final JsonMapper json;
    private final Clock clock;
    private final EntityManager entities;
    private final TransactionTemplate trial;
    private final Counted counted;

    Imports(
            ImportRepository imports,
            List<Taker> takers,
            People people,
            History history,
            Access access,
            Speaker speaker,
            JsonMapper json,
            Clock clock,
            EntityManager entities,
            PlatformTransactionManager transactions,
            Counted counted) {
        this.imports = imports;
        takers.forEach(taker -> this.takers.put(taker.kind(), taker));
        this.people = people;
        this.history = history;
        this.access = access;
        this.speaker = speaker;
        this.json = json;
        this.clock = clock;
        this.entities = entities;
        this.trial = new TransactionTemplate(transactions);
        this.counted = counted;
    }

    // ---- looking

    /**
     * What becomes of one row.
     *
     * @param line of the file, counted from 1
     * @param why sentences, where it is refused
     */
    record RowSeen(int line, Taker.Result result, String what, List<String> why) {}

    /**
     * A column of the file.
     *
     * @param field what it says; empty where nothing is read from it
     */
    record Column(int number, String name, String field) {}

    /**
     * A table before it is taken.
     *
     * @param missing fields that no column says
     * @param asksDayOrder whether a date can be read both ways, and nothing shows which
     */
    record Seen(
            UUID id,
            int version,
            TableKind kind,
            String fileName,
            List<Column> columns,
            List<String> missing,
            boolean asksDayOrder,
            Optional<DayOrder> dayOrder,
            List<RowSeen> rows) {
        public long count(Taker.Result result) {
            return rows.stream().filter(row -> row.result == result).count();
        }

        public List<RowSeen> of(Taker.Result result) {
            return rows.stream().filter(row -> row.result == result).toList();
        }

        public boolean isTakeable() {
            return missing.isEmpty() && count(Taker.Result.MADE) + count(Taker.Result.CHANGED) > 0;
        }
    }

    /**
     * Keeps a file until it is looked at and taken.
     *
     * @param kind what its rows are; where it is not said, its columns have to show it
     * @throws BadFileException if it is no table, or none whose columns are known
     */
    @Transactional
    public UUID save(String fileName, byte[] bytes, Optional<TableKind> kind) {
        access.requireLead();
        TableFile file = TableFile.read(bytes);
        Words words = speaker.words();
        ImportRow row = new ImportRow(UUID.randomUUID());
        row.kind = kind.or(() -> Columns.guess(file.header(), words))
                .orElseThrow(() -> new BadFileException(1, words.say("table.whatIsIt")));
        // a name may hold letters that nobody sees
        row.fileName = Plain.line(fileName.replaceAll("\\p{C}", ""))
                .codePoints()
                .limit(80)
                .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
                .toString();
        row.content = bytes.clone();
        row.columns = json.writeValueAsString(Columns.match(row.kind, file.header(), words));
        row.savedBy = access.member().personId();
        row.savedAt = clock.instant();
        imports.forgetDrafts(clock.instant().minus(WAITS));
        return imports.save(row).id();
    }

    /** Says which column says what, and which comes first in dates. */
    @Transactional
    public void describe(UUID id, Map<Integer, String> fieldOf, Optional<DayOrder> order) {
        ImportRow row = waiting(id);
        int columns =
                TableFile.read(Objects.requireNonNull(row.content)).header().size();
        Map<Integer, String> kept = new LinkedHashMap<>();
        fieldOf.forEach((column, field) -> {
            if (column < columns && row.kind.columns().contains(field) && !kept.containsValue(field)) {
                kept.put(column, field);
            }
        });
        row.columns = json.writeValueAsString(kept);
        row.dayOrder = order.orElse(null);
    }

    private ImportRow waiting(UUID id) {
        access.requireLead();
        ImportRow row = imports.findById(id).orElseThrow(NotFoundException::new);
        if (row.takenAt != null) {
            throw new NotNowException("denied.tableTaken", row.fileName);
        }
        return row;
    }

    /** A file as it is read: which column says what, and which comes first in its dates, where that is known. */
    private record Reading(TableFile file, Map<Integer, String> fieldOf, Optional<DayOrder> order) {
        private List<String> missing(TableKind kind) {
            return kind.required().stream()
                    .filter(field -> !fieldOf.containsValue(field))
                    .toList();
        }

        private boolean asksDayOrder() {
            return order.isEmpty() && dates(file, fieldOf).stream().anyMatch(date -> !DayOrder.isPlain(date));
        }
    }

    private Reading reading(ImportRow row) {
        TableFile file = TableFile.read(Objects.requireNonNull(row.content));
        Map<Integer, String> fieldOf = fields(row);
        return new Reading(
                file, fieldOf, Optional.ofNullable(row.dayOrder).or(() -> DayOrder.of(dates(file, fieldOf))));
    }

    /** The name of a table that is so long that looking through it takes a while. */
    @Transactional(readOnly = true)
    Optional<String> longFile(UUID id) {
        ImportRow row = waiting(id);
        return Objects.requireNonNull(row.content).length < LONG_FROM ? Optional.empty() : Optional.of(row.fileName);
    }

    /** How far it is looked through or taken; empty where nobody knows. */
    @Transactional(readOnly = true)
    Optional<Counted.Share> progress(UUID id) {
        access.requireLead();
        return imports.existsById(id) ? counted.of(id) : Optional.empty();
    }

    /** What a table would do, row by row; nothing of it is kept. */
    Seen look(UUID id) {
        return Objects.requireNonNull(trial.execute(transaction -> {
            transaction.setRollbackOnly();
            ImportRow row = waiting(id);
            int version = row.version();
            Reading reading = reading(row);
            List<Column> columns = new ArrayList<>();
            List<String> header = reading.file().header();
            for (int column = 0; column < header.size(); column++) {
                columns.add(
                        new Column(column, header.get(column), reading.fieldOf().getOrDefault(column, "")));
            }
            List<String> missing = reading.missing(row.kind);
            return new Seen(
                    id,
                    version,
                    row.kind,
                    row.fileName,
                    columns,
                    missing,
                    reading.asksDayOrder(),
                    reading.order(),
                    missing.isEmpty() ? run(row, reading, new ArrayList<>()) : List.of());
        }));
    }

    private Map<Integer, String> fields(ImportRow row) {
        Map<Integer, String> fieldOf = new HashMap<>();
        json.readTree(row.columns)
                .properties()
                .forEach(entry -> fieldOf.put(
                        Integer.valueOf(entry.getKey()), entry.getValue().asString()));
        return fieldOf;
    }

    private static List<String> dates(TableFile file, Map<Integer, String> fieldOf) {
        return fieldOf.entrySet().stream()
                .filter(entry -> entry.getValue().equals(DATE))
                .flatMap(entry -> file.lines().stream().map(line -> line.cells().get(entry.getKey())))
                .toList();
    }

    private List<RowSeen> run(ImportRow row, Reading reading, List<Taker.Done> done) {
        Words words = speaker.words();
        Taker.Run run = Objects.requireNonNull(takers.get(row.kind)).begin(done);
        List<RowSeen> seen = new ArrayList<>();
        try {
            for (TableFile.Line line : reading.file().lines()) {
                counted.at(row.id(), seen.size(), reading.file().lines().size());
                Form form = new Form(typed(reading, line), words);
                if (reading.order().isEmpty() && !DayOrder.isPlain(form.typed(DATE))) {
                    form.refuse(DATE, words.say("refused.dayOrder", Plain.quoted(form.typed(DATE))));
                }
                Taker.Outcome outcome = form.hasErrors() ? Taker.Outcome.refused() : run.take(form);
                seen.add(new RowSeen(
                        line.number(),
                        outcome.result(),
                        outcome.result() == Taker.Result.REFUSED
                                ? line.cells().stream()
                                        .filter(cell -> !cell.isBlank())
                                        .limit(3)
                                        .collect(Collectors.joining(", "))
                                : outcome.what(),
                        form.sentences()));
            }
            run.end();
            entities.flush();
        } catch (DataIntegrityViolationException contradicts) {
            throw new NotNowException("denied.tableBreaks", row.fileName);
        } finally {
            counted.end(row.id());
        }
        return seen;
    }

    private static Map<String, String> typed(Reading reading, TableFile.Line line) {
        Map<String, String> typed = new HashMap<>();
        reading.fieldOf().forEach((column, field) -> {
            String cell = line.cells().get(column).strip();
            Optional<String> unit =
                    WITH_UNIT.contains(field) && Plain.number(cell).isPresent()
                            ? Columns.unit(reading.file().header().get(column))
                            : Optional.empty();
            String read = unit.map(of -> cell + " " + of).orElse(cell);
            typed.put(
                    field,
                    field.equals(DATE) ? reading.order().map(of -> of.iso(read)).orElse(read) : read);
        });
        return typed;
    }

    // ---- taking

    /**
     * Puts on record what a table says, all of it or nothing; rows that cannot be are left out.
     *
     * @param seenVersion of the table as it was looked at
     */
    @Transactional
    public void take(UUID id, int seenVersion) {
        ImportRow row = waiting(id);
        row.checkSeen(seenVersion);
        List<Taker.Done> done = new ArrayList<>();
        List<RowSeen> seen = run(row, reading(row), done);
        row.made = count(seen, Taker.Result.MADE);
        row.changed = count(seen, Taker.Result.CHANGED);
        if (row.made + row.changed == 0) {
            throw new NotNowException("denied.tableNothing", row.fileName);
        }
        row.content = null;
        row.takenAt = clock.instant();
        row.refused = count(seen, Taker.Result.REFUSED);
        row.done = json.writeValueAsString(done);
        history.note(Subject.organisation(), EventKind.TABLE_TAKEN, said(row));
    }

    private static int count(List<RowSeen> seen, Taker.Result result) {
        return (int) seen.stream().filter(each -> each.result == result).count();
    }

    private String said(ImportRow row) {
        return speaker.words().say("table.said", row.fileName, row.made, row.changed);
    }

    /**
     * Takes back all that a table has put on record.
     *
     * @throws NotNowException if something rests on it since; then all of it stays
     */
    @Transactional
    public void undo(UUID id) {
        access.requireLead();
        ImportRow row = imports.findById(id).orElseThrow(NotFoundException::new);
        if (row.takenAt == null || row.undoneAt != null) {
            throw new NotNowException("denied.tableNotTaken", row.fileName);
        }
        Taker taker = Objects.requireNonNull(takers.get(row.kind));
        List<Taker.Done> done = Arrays.asList(json.readValue(row.done, Taker.Done[].class));
        done.reversed().forEach(taker::undo);
        row.undoneAt = clock.instant();
        history.note(Subject.organisation(), EventKind.TABLE_TAKEN_BACK, said(row));
    }

    /** A table that was taken. */
    record Taken(
            UUID id, TableKind kind, String fileName, String by, String at, boolean isUndone, int made, int changed) {}

    @Transactional(readOnly = true)
    List<Taken> taken() {
        Map<UUID, String> names = people.names();
        return imports.taken(Limit.of(MOST_LISTED)).stream()
                .map(row -> new Taken(
                        row.id(),
                        row.kind(),
                        row.fileName(),
                        names.getOrDefault(row.savedBy(), ""),
                        speaker.words().moment(row.takenAt(), clock.instant()),
                        row.isUndone(),
                        row.made(),
                        row.changed()))
                .toList();
    }
}
