package lumko.app.sheet;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface UseRepository extends JpaRepository<UseRow, UUID> {
    List<UseRow> findByStepIdIn(Collection<UUID> stepIds);

    /** Paint that a step takes. */
    record Paint(UUID stepId, double litres) {}

    @Query("select new lumko.app.sheet.UseRepository$Paint(used.stepId, sum(used.litres)) from UseRow used "
            + "where used.stepId in :stepIds and used.paint <> '' group by used.stepId")
    List<Paint> paint(Collection<UUID> stepIds);
}
