package lumko.app.account;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface PersonHouseRepository extends JpaRepository<PersonHouseRow, UUID> {

    List<PersonHouseRow> findByPersonId(UUID personId);
}
