package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import lumko.app.account.Member;
import lumko.app.account.People;
import lumko.app.house.Correcting;
import lumko.app.house.Fixtures;
import lumko.app.house.Flat;
import lumko.app.house.NewCoat;
import lumko.app.house.NewRoom;
import lumko.app.house.WallFeature;
import lumko.app.platform.EditableRow;
import lumko.app.walk.Marking;
import lumko.core.fault.FaultKind;
import lumko.core.geometry.Box;
import lumko.core.geometry.Fixture;
import lumko.core.geometry.Spot;
import lumko.core.judge.Scrutiny;
import lumko.core.quantity.Length;
import lumko.core.record.Layer;
import lumko.core.repair.Mark;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.TestFactory;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * What each role may change of each thing on record: whoever may not is told so, whoever is of another organisation is not even told
 * that it is there, and nothing has changed by either.
 */
class RolesTest extends ApplicationTest {
    private static final Pattern NAMED = Pattern.compile("\\{(\\w+)}");

    /** The lead; a painter who looks after the house; one who looks after another; the office. */
    private enum Who {
        LEAD("mirela"),
        OF_THE_HOUSE("saoirse"),
        OF_ANOTHER("emeka"),
        OFFICE("tobias");

        private final String login;

        Who(String login) {
            this.login = login;
        }
    }

    private static final Set<Who> LEAD = Set.of(Who.LEAD);
    private static final Set<Who> KEEPERS = Set.of(Who.LEAD, Who.OF_THE_HOUSE);
    private static final Set<Who> PAINTERS = Set.of(Who.LEAD, Who.OF_THE_HOUSE, Who.OF_ANOTHER);
    private static final Set<Who> DATES = Set.of(Who.LEAD, Who.OFFICE);

    /** A change with fields that can be taken, and who may make it. */
    private record Change(String path, Map<String, String> fields, Set<Who> may) {}

    private static Change change(String path, Set<Who> may, String... fields) {
        Map<String, String> of = new TreeMap<>();
        for (int i = 0; i < fields.length; i += 2) {
            of.put(fields[i], fields[i + 1]);
        }
        return new Change(path, of, may);
    }

    private static final List<Change> CHANGES = List.of(
            change("/houses/{house}/flats", LEAD, "flatNumber", "{new}", "floor", "{up}", "bay", "{along}"),
            change("/flats/{flat}", LEAD, "flatNumber", "{new}", "floor", "{up}", "bay", "{along}"),
            change("/flats/{let}/close", LEAD),
            change("/flats/{flat}/dates", DATES, "keysBackOn", "2026-03-20", "version", "0", "scrutiny", "AS_USUAL"),
            change(
                    "/flats/{flat}/rooms",
                    KEEPERS,
                    "roomName",
                    "Box room",
                    "roomKind",
                    "BEDROOM",
                    "length",
                    "3",
                    "width",
                    "2",
                    "height",
                    "2.5",
                    "substrate",
                    "GYPSUM_BOARD",
                    "texture",
                    "SMOOTH"),
            change(
                    "/rooms/{room}",
                    KEEPERS,
                    "flat",
                    "{flat}",
                    "roomName",
                    "Den",
                    "roomKind",
                    "LIVING",
                    "height",
                    "2.5"),
            change("/rooms/{room}/walls", KEEPERS, "flat", "{flat}", "walls", "4 right, 3.2 right, 4 right, 3.2 right"),
            change("/surfaces/{other}/features", KEEPERS, "feature", "DOOR", "left", "0.3"),
            change(
                    "/features/{feature}",
                    KEEPERS,
                    "surface",
                    "{wall}",
                    "left",
                    "0.6",
                    "bottom",
                    "0.9",
                    "featureWidth",
                    "1",
                    "featureHeight",
                    "1"),
            change("/features/{feature}/remove", KEEPERS),
            change("/rooms/{room}/copy", KEEPERS, "flat", "{flat}", "roomName", "{word}"),
            change("/surfaces/{other}/roof", KEEPERS, "roofLeft", "1.2", "roofRight", "1.3"),
            change(
                    "/surfaces/{other}/stairs",
                    KEEPERS,
                    "stairsLeft",
                    "0",
                    "stairsRight",
                    "0.5",
                    "stairsFrom",
                    "2",
                    "stairsUntil",
                    "2.5"),
            change("/rooms/{room}/fixtures", KEEPERS, "fixture", "RADIATOR", "fixtureName", "{word}"),
            change(
                    "/fixtures/{fixture}",
                    KEEPERS,
                    "fixture",
                    "RADIATOR",
                    "fixtureName",
                    "{word}",
                    "substrate",
                    "METAL",
                    "version",
                    "0"),
            change("/fixtures/{fixture}/gone", KEEPERS),
            change("/surfaces/{wall}/coats", KEEPERS, "layer", "SKIM"),
            change("/surfaces/{wall}/coats/1/remove", KEEPERS),
            change("/surfaces/{wall}/substrate", KEEPERS, "substrate", "SKIM_PLASTER"),
            change("/walls/{wall}/marks", KEEPERS, "id", "{id}", "kind", "NAIL_HOLE", "leftMm", "3500", "upMm", "1200"),
            change(
                    "/marks/{mark}/measure",
                    KEEPERS,
                    "acrossMm",
                    "12",
                    "upwardMm",
                    "12",
                    "depthMm",
                    "12",
                    "version",
                    "0"),
            change("/marks/{mark}/method", KEEPERS, "method", "", "version", "0"),
            change("/marks/{mark}/remove", KEEPERS),
            change("/walls/{wall}/findings", KEEPERS, "finding", "DAMP"),
            change("/walls/{wall}/walked", KEEPERS),
            change("/paints/colours", PAINTERS, "colourName", "{word}", "screen", "#c9b58f"),
            change(
                    "/paints/products",
                    PAINTERS,
                    "maker",
                    "Umberfield",
                    "product",
                    "{word}",
                    "kind",
                    "WALL",
                    "sheen",
                    "MATT",
                    "gloss",
                    "4"),
            change("/figures/SET_UP", LEAD, "amount", "20", "why", "as it was"),
            change("/practice", LEAD, "school", "CUT_IN_FIRST"),
            change(
                    "/people/{person}",
                    LEAD,
                    "name",
                    "Emeka Thorsen",
                    "role",
                    "PAINTER",
                    "active",
                    "yes",
                    "version",
                    "{v}"),
            change("/people/{person}/houses", LEAD, "house", "{brickfield}"),
            change("/organisation", LEAD, "organisation", "{society}", "units", "METRIC", "zone", "Europe/London"));

    @Autowired
    Correcting correcting;

    @Autowired
    Fixtures fixtures;

    @Autowired
    Marking marking;

    @Autowired
    People people;

    /** A flat of the house with a wall that has a window, a coat and a mark; and names for all of it. */
    private Map<String, String> fresh() {
        Flat flat = freshFlat("Tern Terrace");
        UUID wall = wall(flat, 0).id();
        UUID mark = UUID.randomUUID();
        asLead(() -> {
            recording.setDates(
                    flat.id(), TODAY, Optional.empty(), Optional.empty(), Scrutiny.AS_USUAL, EditableRow.UNSAVED);
            recording.addFeatures(
                    wall, List.of(new NewRoom.Feature(WallFeature.WINDOW, Box.ofMillimetres(500, 900, 1000, 1000))));
            recording.addCoat(wall, NewCoat.plain(Layer.FILLER, Optional.of(TODAY), ""));
            marking.set(mark, wall, new Mark(Spot.ofMillimetres(3000, 1200), FaultKind.ANCHOR.usualFault()));
            return null;
        });
        People.Colleague emeka = asLead(people::all).stream()
                .filter(each -> each.login().equals("emeka"))
                .findFirst()
                .orElseThrow();
        Map<String, String> names = new TreeMap<>();
        names.put("flat", flat.id().toString());
        names.put("let", freshFlat("Tern Terrace").id().toString());
        names.put("house", flat.house().id().toString());
        names.put("brickfield", emeka.houses().iterator().next().toString());
        names.put("room", flat.rooms().getFirst().id().toString());
        names.put("wall", wall.toString());
        names.put("other", wall(flat, 1).id().toString());
        names.put("mark", mark.toString());
        names.put(
                "feature",
                asLead(() -> correcting.featuresOf(wall)).getFirst().id().toString());
        names.put(
                "fixture",
                asLead(() -> fixtures.add(
                                flat.rooms().getFirst().id(),
                                new Fixture(Fixture.Kind.GRILLE, Length.ofMetres(0.3), Length.ofMetres(0.2), 1),
                                ""))
                        .toString());
        names.put("person", emeka.id().toString());
        names.put("v", String.valueOf(emeka.version()));
        names.put("id", UUID.randomUUID().toString());
        names.put("new", "N" + flat.number());
        names.put("up", String.valueOf(8 + Integer.parseInt(flat.number()) % 50));
        names.put("along", String.valueOf(50 + Integer.parseInt(flat.number()) % 10));
        names.put("word", "Word " + flat.number());
        names.put("society", member("mirela").organisation());
        return names;
    }

    private static String filled(String text, Map<String, String> names) {
        Matcher named = NAMED.matcher(text);
        return named.replaceAll(each -> Matcher.quoteReplacement(names.getOrDefault(each.group(1), each.group())));
    }

    private int status(Member who, Change change, Map<String, String> names) {
        var request = mvc.post()
                .uri(filled(change.path(), names))
                .header("HX-Request", "true")
                .with(user(who))
                .with(csrf());
        change.fields().forEach((field, value) -> request.param(field, filled(value, names)));
        return request.exchange().getResponse().getStatus();
    }

    private List<Object> record() {
        return asLead(() -> List.of(
                houses.facades(),
                paints.book().coloursByName(),
                paints.book().productsByName(),
                people.all().toString()));
    }

    @TestFactory
    List<DynamicTest> whoeverMayNotIsToldSoAndWhoeverMayDoes() {
        return CHANGES.stream()
                .map(change -> DynamicTest.dynamicTest(change.path() + " " + change.fields(), () -> check(change)))
                .toList();
    }

    private void check(Change change) {
        Map<String, String> names = fresh();
        UUID flatId = UUID.fromString(names.get("flat"));
        Flat before = asLead(() -> houses.flat(flatId));
        List<Object> all = record();
        boolean isOfOne = change.path().contains("{");
        if (isOfOne) {
            assertThat(status(stranger(), change, names)).as("a stranger").isEqualTo(404);
        }
        for (Who who : Who.values()) {
            if (!change.may().contains(who)) {
                assertThat(status(member(who.login), change, names))
                        .as(who.name())
                        .isEqualTo(403);
            }
        }
        assertThat(asLead(() -> houses.flat(flatId))).isEqualTo(before);
        assertThat(record()).isEqualTo(all);
        for (Who who : change.may()) {
            assertThat(status(member(who.login), change, fresh()))
                    .as(who.name())
                    .isLessThan(400);
        }
    }
}
