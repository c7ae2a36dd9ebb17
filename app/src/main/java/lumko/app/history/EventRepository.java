package lumko.app.history;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface EventRepository extends JpaRepository<EventRow, UUID> {
    List<EventRow> findByFlatIdAndDoneAtBeforeOrderByDoneAtDescIdDesc(UUID flatId, Instant before, Limit limit);

    List<EventRow> findByFlatIdIsNullAndDoneAtBeforeOrderByDoneAtDescIdDesc(Instant before, Limit limit);

    List<EventRow> findBySurfaceIdOrderByDoneAtDescIdDesc(UUID surfaceId, Limit limit);

    List<EventRow> findByMarkIdOrderByDoneAtDescIdDesc(UUID markId, Limit limit);

    boolean existsByDoneAtAfterAndKindIn(Instant moment, Collection<EventKind> kinds);
}
