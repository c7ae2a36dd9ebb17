package lumko.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.UUID;
import lumko.app.account.Member;
import lumko.app.house.Flat;
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

    @Test
    void everyTableOfOursCarriesItsOrganisation() {
        List<String> without = jdbc.sql("""
                        select t.table_name from information_schema.tables t
                        where t.table_schema = 'public' and t.table_name not in
                          ('organisation', 'spring_session', 'spring_session_attributes', 'flyway_schema_history')
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
                "update sheet_step set minutes = -1"
            })
    void whatCannotBeCannotBeStored(String statement) {
        assertThatThrownBy(() -> jdbc.sql(statement).update())
                .isInstanceOf(DataIntegrityViolationException.class)
                .hasMessageContaining("check constraint");
    }
}
