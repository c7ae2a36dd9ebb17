package lumko.app.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonDayRepository extends JpaRepository<PersonDayRow, UUID> {
    List<PersonDayRow> findByPersonIdAndDayOn(UUID personId, LocalDate dayOn);

    List<PersonDayRow> findByDayOnGreaterThanEqualOrderByDayOn(LocalDate from);
}
