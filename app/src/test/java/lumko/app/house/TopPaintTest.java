package lumko.app.house;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.stream.Stream;
import lumko.app.ApplicationTest;
import lumko.core.record.Layer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** What the database keeps beside a surface says the same as its layers. */
class TopPaintTest extends ApplicationTest {
    @Autowired
    SeenPaints seen;

    @Autowired
    JdbcClient jdbc;

    @Autowired
    TransactionTemplate transactions;

    private record Top(UUID id, Optional<UUID> colour, Optional<UUID> product) {}

    private Top kept(UUID surfaceId) {
        return jdbc.sql("select id, top_colour_id, top_product_id from surface where id = ?")
                .param(surfaceId)
                .query((row, n) -> new Top(
                        row.getObject(1, UUID.class),
                        Optional.ofNullable(row.getObject(2, UUID.class)),
                        Optional.ofNullable(row.getObject(3, UUID.class))))
                .single();
    }

    private static Top told(Surface surface) {
        return new Top(
                surface.id(),
                surface.topCoat().flatMap(Coat::colour).map(colour -> colour.id()),
                surface.topCoat().flatMap(Coat::product).map(product -> product.id()));
    }

    @Test
    void isThatOfTheLayersOfTheDemo() {
        Flat flat = flat("Ropewalk Court", 7);
        assertThat(flat.surfaces().map(surface -> kept(surface.id())))
                .containsExactlyElementsOf(
                        flat.surfaces().map(TopPaintTest::told).toList());
        assertThat(told(wall(flat, 0)).colour()).isPresent();
    }

    private NewCoat coat(Layer layer, Optional<UUID> product, Optional<UUID> colour) {
        return new NewCoat(
                layer,
                product,
                colour,
                List.of(),
                "",
                layer.isWhole() ? OptionalInt.empty() : OptionalInt.of(1),
                Optional.of(TODAY),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "");
    }

    @ParameterizedTest
    @EnumSource(Layer.class)
    void followsEveryKindOfLayer(Layer layer) {
        Surface wall = wall(freshFlat("Tern Terrace"), 0);
        asLead(() -> {
            var book = paints.book();
            Optional<UUID> matt = book.productNamed("Hearth Matt").map(product -> product.id());
            Optional<UUID> husk = book.colourNamed("Oat Husk").map(colour -> colour.id());
            Optional<UUID> slate = book.colourNamed("Wet Slate").map(colour -> colour.id());
            recording.addCoat(wall.id(), coat(Layer.FINISH, matt, husk));
            recording.addCoat(wall.id(), coat(layer, matt, slate));
            return wall;
        });
        Surface after =
                asLead(() -> houses.flatOfSurface(wall.id())).surface(wall.id()).orElseThrow();
        assertThat(kept(wall.id())).isEqualTo(told(after));
        assertThat(kept(wall.id()).colour()).isPresent();
    }

    @Test
    void theFirstFlatsAreCountedAndOthersAreTold() {
        asLead(() -> {
            UUID husk = paints.book().colourNamed("Oat Husk").orElseThrow().id();
            SeenPaints.FlatsFound all = seen.flatsIn(List.of(husk), 10_000);
            SeenPaints.FlatsFound two = seen.flatsIn(List.of(husk), 2);
            assertThat(all.hasMore()).isFalse();
            assertThat(two.hasMore()).isTrue();
            assertThat(two.flats()).isEqualTo(all.flats().subList(0, 2));
            long surfaces = transactions.execute(status -> {
                try (Stream<PaintedSurface> painted = seen.painted()) {
                    return painted.filter(each -> each.colourId().equals(Optional.of(husk)))
                            .count();
                }
            });
            assertThat(all.flats().stream()
                            .mapToLong(SeenPaints.FlatFound::surfaces)
                            .sum())
                    .isEqualTo(surfaces);
            return husk;
        });
    }
}
