package lumko.app.practice;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PracticeChoiceRepository extends JpaRepository<PracticeChoiceRow, UUID> {
    List<PracticeChoiceRow> findByTurnoverIdIsNull();

    List<PracticeChoiceRow> findByTurnoverId(UUID turnoverId);
}
