package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jakarta.persistence.EntityManagerFactory;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import lumko.app.account.Member;
import lumko.app.house.Flat;
import lumko.core.activity.Advice;
import lumko.core.activity.Caution;
import lumko.core.activity.Tool;
import lumko.core.figure.Figure;
import lumko.core.practice.Question;
import lumko.core.practice.School;
import org.hibernate.engine.spi.SessionFactoryImplementor;
import org.hibernate.persister.entity.AbstractEntityPersister;
import org.hibernate.persister.entity.EntityPersister;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What the database itself does not let happen, whatever the application asks. */
class SchemaTest extends ApplicationTest {
    @Autowired
    JdbcClient jdbc;

    @Autowired
    EntityManagerFactory entities;

    @Test
    void everyTableOfOursCarriesItsOrganisation() {
        List<String> without = jdbc.sql("""
                        select t.table_name from information_schema.tables t
                        where t.table_schema = 'public' and t.table_name not in
                          ('organisation', 'sign_in_failure', 'spring_session', 'spring_session_attributes', 'flyway_schema_history',
                           'scheduled_tasks')
                          and not exists (select 1 from information_schema.columns c where c.table_name = t.table_name
                            and c.column_name = 'organisation_id' and c.is_nullable = 'NO')""").query(String.class).list();
        assertThat(without).isEmpty();
    }

    @Test
    void aRowCannotPointAtAnotherOrganisationsRow() {
        Member stranger = stranger();
        Flat flat = freshFlat("Ropewalk Court");
        assertThatThrownBy(() -> jdbc.sql("""
                                insert into turnover (id, organisation_id, flat_id, keys_back_on, version)
                                values (:id, :organisation, :flat, current_date, 0)""")
                        .param("id", UUID.randomUUID())
                        .param("organisation", stranger.organisationId())
                        .param("flat", flat.id())
                        .update())
                .isInstanceOf(DataIntegrityViolationException.class)
                .hasMessageContaining("foreign key");
    }

    @ParameterizedTest
    @ValueSource(strings = {"update event set detail = 'it was not me'", "delete from event"})
    void whatWasDoneStaysWritten(String statement) {
        assertThatThrownBy(() -> jdbc.sql(statement).update()).hasMessageContaining("the history is kept as it is");
    }

    @Test
    void aQuestionHasOneAnswerOfTheHouse() {
        Member lead = member("mirela");
        String choose = """
                insert into practice_choice (id, organisation_id, question, school, version)
                values (gen_random_uuid(), :organisation, 'GLUE_RESIDUE', 'GLUE_WASHED_OFF', 0)""";
        jdbc.sql(choose).param("organisation", lead.organisationId()).update();
        assertThatThrownBy(() -> jdbc.sql(choose)
                        .param("organisation", lead.organisationId())
                        .update())
                .isInstanceOf(DataIntegrityViolationException.class);
        jdbc.sql("delete from practice_choice where question = 'GLUE_RESIDUE'").update();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "update room set height_mm = 0",
                "update room set height_mm = -2500",
                "update wall_feature set width_mm = 0",
                "update tin set left_l = size_l + 1",
                "update tin set left_l = -0.1",
                "update sheet set temperature_c = 400",
                "update sheet set humidity_pct = 130",
                "update mark set left_mm = -1",
                "update coat set places = 0",
                "update colour set screen_hex = 'red'",
                "update house set built_year = 19110",
                "update turnover set viewing_on = keys_back_on - 1",
                "update sheet_step set minutes = -1",
                "update sheet_step set within_minutes = 0",
                "update sheet_step set within_after = 'ROLL', within_minutes = null",
                "update mark set depth_mm = 81",
                "update mark set kind = 'WOODWORM'",
                "update mark set edge = 'SHARP'",
                "update mark set single_ones = 0",
                "update product set binder = 'OIL'",
                "update colour set start_nm = 400",
                "update colour set start_nm = 400, factors = array_fill(0.5::float8, array[30])",
                "update colour set start_nm = 400, factors = array_fill(1.6::float8, array[31])",
                "update product set solids_pct = 0",
                "update product set contrast_ratio = 1",
                "update room_finding set finding = 'GHOSTS'",
                "update sheet set seen = null where closed_at is not null",
                "update sheet set seen = 'SEEN', seen_where = null where closed_at is not null"
            })
    void whatCannotBeCannotBeStored(String statement) {
        assertThatThrownBy(() -> jdbc.sql(statement).update())
                .isInstanceOf(DataIntegrityViolationException.class)
                .hasMessageContaining("check constraint");
    }

    /** Enums that are written as text, or as arrays of it, by column. */
    private static final Map<String, Class<? extends Enum<?>>> WRITTEN_AS_TEXT = Map.of(
            "practice_choice.question", Question.class,
            "practice_choice.school", School.class,
            "own_figure.figure", Figure.class,
            "sheet_step.tools", Tool.class,
            "sheet_step.cautions", Caution.class,
            "sheet_step.says", Advice.class);

    @Test
    void theDatabaseTakesEveryConstantAndNoOther() {
        Map<String, Class<?>> columns = new TreeMap<>(WRITTEN_AS_TEXT);
        entities.unwrap(SessionFactoryImplementor.class)
                .getMappingMetamodel()
                .forEachEntityDescriptor(entity -> enumsOf(entity, columns));
        assertThat(columns).hasSizeGreaterThan(40);
        columns.forEach((column, type) -> assertThat(allowed(column))
                .describedAs(column)
                .containsExactlyInAnyOrder(Arrays.stream(type.getEnumConstants())
                        .map(constant -> ((Enum<?>) constant).name())
                        .toArray(String[]::new)));
    }

    private static void enumsOf(EntityPersister entity, Map<String, Class<?>> columns) {
        AbstractEntityPersister mapped = (AbstractEntityPersister) entity;
        for (String property : mapped.getPropertyNames()) {
            Class<?> type = mapped.getPropertyType(property).getReturnedClass();
            if (type.isEnum()) {
                columns.put(mapped.getTableName() + "." + mapped.getPropertyColumnNames(property)[0], type);
            }
        }
    }

    /** The texts that the CHECK of a column alone names. */
    private List<String> allowed(String column) {
        String[] parts = column.split("\\.");
        return jdbc.sql("""
                        select distinct m[1] from pg_constraint c
                        join pg_attribute a on a.attrelid = c.conrelid and c.conkey = array[a.attnum]
                        cross join regexp_matches(pg_get_constraintdef(c.oid), '''([A-Z_0-9]+)''', 'g') m
                        where c.contype = 'c' and c.conrelid = cast(:table as regclass) and a.attname = :column""")
                .param("table", parts[0])
                .param("column", parts[1])
                .query(String.class)
                .list();
    }
}
