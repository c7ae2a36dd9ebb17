package lumko.app.tables;

import java.util.List;
import java.util.stream.Stream;

/** What the rows of a table are, and the columns that say it. */
enum TableKind {
    FLATS(List.of("houseName"), List.of("builtYear", "roof", "texturedCoating", "flatNumber", "floor", "bay")),
    ROOMS(
            List.of("houseName", "flatNumber", "roomName", "height"),
            List.of("roomKind", "length", "width", "walls", "substrate", "texture")),
    COATS(
            List.of("houseName", "flatNumber", "colourId"),
            List.of("roomName", "surface", "layer", "productId", "appliedOn", "tinId", "batch", "note")),
    COLOURS(List.of("colourName", "screen"), List.of("code", "colourMaker", "formula", "lightness", "a", "b")),
    PRODUCTS(List.of("maker", "product", "kind", "sheen", "gloss"), List.of("line", "base", "binder", "sizes")),
    TINS(List.of("label", "productId", "colourId", "size", "place"), List.of("left-in-tin", "batch", "tintedAt")),
    PEOPLE(List.of("name", "login"), List.of("role", "houses"));

    private final List<String> required;
    private final List<String> optional;

    TableKind(List<String> required, List<String> optional) {
        this.required = required;
        this.optional = optional;
    }

    /** Fields that every row has to say; named as in the forms. */
    List<String> required() {
        return required;
    }

    List<String> optional() {
        return optional;
    }

    List<String> columns() {
        return Stream.concat(required.stream(), optional.stream()).toList();
    }
}
