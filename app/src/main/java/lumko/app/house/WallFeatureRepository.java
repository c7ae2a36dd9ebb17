package lumko.app.house;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface WallFeatureRepository extends JpaRepository<WallFeatureRow, UUID> {
    List<WallFeatureRow> findBySurfaceIdIn(Collection<UUID> surfaceIds);
}
