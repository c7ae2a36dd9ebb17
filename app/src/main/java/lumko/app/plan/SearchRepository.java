package lumko.app.plan;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface SearchRepository extends JpaRepository<SearchRow, UUID> {
    Optional<SearchRow> findByEndedAtIsNull();

    Optional<SearchRow> findFirstByOrderByAskedAtDesc();
}
