package lumko.app.account;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonRepository extends JpaRepository<PersonRow, UUID> {
    List<PersonRow> findByOrderByName();

    long countByRoleAndActive(Role role, boolean active);
}
