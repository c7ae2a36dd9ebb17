package lumko.app.walk;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PlaceAnswerRepository extends JpaRepository<PlaceAnswerRow, UUID> {
    List<PlaceAnswerRow> findByTurnoverId(UUID turnoverId);
}
