package lumko.app.bench;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lumko.app.account.Access;
import lumko.app.account.People;
import lumko.app.paint.Store;
import lumko.app.paint.Tin;
import lumko.app.platform.NotFoundException;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Results of the bench that are worth finding again: the link computes them anew, the words say what they were. */
@Service
@Transactional
class KeptResults {
    private static final int MOST = 20;

    private final KeptRepository kept;
    private final Store store;
    private final People people;
    private final Access access;
    private final Clock clock;

    KeptResults(KeptRepository kept, Store store, People people, Access access, Clock clock) {
        this.kept = kept;
        this.store = store;
        this.people = people;
        this.access = access;
        this.clock = clock;
    }

    /** A kept result as it is listed. */
    record Kept(UUID id, String link, String words, Optional<String> tin, String by, Instant at) {}

    @Transactional(readOnly = true)
    public List<Kept> latest() {
        Map<UUID, String> names = people.names();
        Map<UUID, Tin> tins = store.stock().tins();
        return kept.findByOrderByKeptAtDesc(Limit.of(MOST)).stream()
                .map(row -> new Kept(
                        row.id(),
                        row.link,
                        row.words,
                        Optional.ofNullable(row.tinId).map(tins::get).map(Tin::label),
                        names.getOrDefault(row.keptBy, ""),
                        row.keptAt))
                .toList();
    }

    public void keep(String link, String words, Optional<UUID> tin) {
        access.requirePainter();
        tin.filter(id -> !store.stock().tins().containsKey(id)).ifPresent(id -> {
            throw new NotFoundException();
        });
        KeptRow row = new KeptRow(link, words);
        row.tinId = tin.orElse(null);
        row.keptBy = access.member().personId();
        row.keptAt = clock.instant();
        kept.save(row);
    }

    public void forget(UUID id) {
        access.requirePainter();
        kept.delete(kept.findById(id).orElseThrow(NotFoundException::new));
    }
}
