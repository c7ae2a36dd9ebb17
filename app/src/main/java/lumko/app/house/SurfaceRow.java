package lumko.app.house;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import lumko.app.platform.EditableRow;
import lumko.core.geometry.Ends;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.Texture;
import lumko.core.quantity.Length;
import lumko.core.record.Substrate;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "surface")
final class SurfaceRow extends EditableRow {
    UUID roomId = new UUID(0, 0);

    @Enumerated(EnumType.STRING)
    SurfaceKind kind = SurfaceKind.WALL;

    int position;

    @Column(name = "start_east_mm")
    @Nullable
    Double startEastMillimetres;

    @Column(name = "start_north_mm")
    @Nullable
    Double startNorthMillimetres;

    @Enumerated(EnumType.STRING)
    Substrate substrate = Substrate.GYPSUM_BOARD;

    @Enumerated(EnumType.STRING)
    Texture texture = Texture.SMOOTH;

    // where a wall ends other than at the ceiling and the floor

    @Embedded
    @Nullable
    RoofColumns roof;

    @Embedded
    @Nullable
    StairsColumns stairs;

    // what it is, where it is a fixture

    @Enumerated(EnumType.STRING)
    Fixture.@Nullable Kind fixture;

    @Nullable
    String fixtureName;

    @Column(name = "fixture_width_mm")
    @Nullable
    Double fixtureWidthMillimetres;

    @Column(name = "fixture_height_mm")
    @Nullable
    Double fixtureHeightMillimetres;

    @Nullable
    Integer fixtureSides;

    /** Since when it is not there any more. */
    @Nullable
    LocalDate goneOn;

    // what its last whole layer says: the database follows the layers by itself

    @Column(insertable = false, updatable = false)
    @Nullable
    UUID topProductId;

    @Column(insertable = false, updatable = false)
    @Nullable
    UUID topColourId;

    @Column(insertable = false, updatable = false)
    @Nullable
    UUID topTinId;

    @Column(insertable = false, updatable = false)
    @Nullable
    LocalDate topAppliedOn;

    protected SurfaceRow() {}

    SurfaceRow(UUID roomId, SurfaceKind kind, int position) {
        super(UUID.randomUUID());
        this.roomId = roomId;
        this.kind = kind;
        this.position = position;
    }

    Ends ends() {
        return new Ends(
                Optional.ofNullable(roof).map(RoofColumns::line),
                Optional.ofNullable(stairs).map(StairsColumns::line));
    }

    void put(Ends ends) {
        roof = ends.roof().map(RoofColumns::of).orElse(null);
        stairs = ends.stairs().map(StairsColumns::of).orElse(null);
    }

    /** Empty where it is none. */
    Optional<Fixture> fixture() {
        if (fixture == null
                || fixtureWidthMillimetres == null
                || fixtureHeightMillimetres == null
                || fixtureSides == null) {
            return Optional.empty();
        }
        return Optional.of(new Fixture(
                fixture,
                Length.ofMillimetres(fixtureWidthMillimetres),
                Length.ofMillimetres(fixtureHeightMillimetres),
                fixtureSides));
    }

    void put(Fixture is, String name) {
        fixture = is.kind();
        fixtureName = name;
        fixtureWidthMillimetres = is.width().inMillimetres();
        fixtureHeightMillimetres = is.height().inMillimetres();
        fixtureSides = is.sides();
    }
}
