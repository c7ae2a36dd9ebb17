package lumko.app.figure;

import java.util.Optional;
import java.util.UUID;
import lumko.core.figure.Figure;
import org.springframework.data.jpa.repository.JpaRepository;

interface OwnFigureRepository extends JpaRepository<OwnFigureRow, UUID> {
    Optional<OwnFigureRow> findByFigure(Figure figure);
}
