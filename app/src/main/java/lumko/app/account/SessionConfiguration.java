package lumko.app.account;

import java.time.Duration;
import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.JdbcTransactionManager;
import org.springframework.session.config.annotation.web.http.EnableSpringHttpSession;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.PostgreSqlJdbcIndexedSessionRepositoryCustomizer;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** Sessions are kept in the database: they outlive a copy of the application, and another copy knows them. */
@Configuration(proxyBeanMethods = false)
@EnableSpringHttpSession
class SessionConfiguration {
    /** How long ago a session may have been used without anybody noting it. */
    static final Duration TOUCHED_AFTER = Duration.ofMinutes(5);

    /** How long nobody may have been there before they are asked who they are again. */
    private static final Duration KEPT = Duration.ofDays(14);

    /**
     * Made by hand: as the library would make it, the first page waits until the error codes of ten databases have been read from
     * XML. That somebody is still there is noted every few minutes, not with each request; who a session belongs to at once.
     */
    @Bean
    JdbcIndexedSessionRepository sessionRepository(DataSource dataSource) {
        var sessions = new JdbcIndexedSessionRepository(new JdbcTemplate(dataSource), pastHibernate(dataSource));
        sessions.setDefaultMaxInactiveInterval(KEPT);
        // of two requests that note the same for the first time neither fails
        new PostgreSqlJdbcIndexedSessionRepositoryCustomizer().customize(sessions);
        sessions.setUpdateSessionQuery("""
                update spring_session s
                set session_id = seen.session_id, last_access_time = seen.at, max_inactive_interval = seen.most,
                  expiry_time = seen.until, principal_name = seen.name
                from (select ? as session_id, ?::bigint as at, ?::int as most, ?::bigint as until, ? as name, ? as id) seen
                where s.primary_id = seen.id and (s.last_access_time < seen.at - %d or s.session_id <> seen.session_id
                  or s.max_inactive_interval <> seen.most or s.principal_name is distinct from seen.name)""".formatted(TOUCHED_AFTER.toMillis()));
        return sessions;
    }

    /**
     * Sessions are read and written past Hibernate: who is signed in is in the session, and Hibernate has to know that before
     * it opens anything.
     */
    private static TransactionOperations pastHibernate(DataSource dataSource) {
        TransactionTemplate transaction = new TransactionTemplate(new JdbcTransactionManager(dataSource));
        transaction.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return transaction;
    }
}
