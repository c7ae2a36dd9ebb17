package lumko.app.house;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import lumko.core.geometry.RoomKind;

/** What is on a surface, as far as anybody knows, and where it is. */
public record PaintedSurface(
        UUID surfaceId,
        SurfaceKind kind,
        RoomKind room,
        String house,
        String number,
        Optional<UUID> productId,
        Optional<UUID> colourId,
        Optional<UUID> tinId,
        Optional<LocalDate> appliedOn) {}
