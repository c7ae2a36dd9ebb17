package lumko.app.platform;

import jakarta.persistence.EntityManagerFactory;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Objects;
import javax.sql.DataSource;
import org.springframework.beans.factory.BeanFactory;
import org.springframework.boot.autoconfigure.AutoConfigurationPackages;
import org.springframework.boot.hibernate.autoconfigure.HibernateProperties;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.boot.hibernate.autoconfigure.HibernateSettings;
import org.springframework.boot.jpa.autoconfigure.JpaProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ResourceLoader;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.orm.jpa.JpaVendorAdapter;
import org.springframework.orm.jpa.LocalContainerEntityManagerFactoryBean;
import org.springframework.orm.jpa.persistenceunit.PersistenceManagedTypes;
import org.springframework.orm.jpa.persistenceunit.PersistenceManagedTypesScanner;

/**
 * Hibernate gets ready once pages are served, which takes it about a second, or for whoever needs it sooner. The page to sign in at
 * does not need it.
 */
@Configuration(proxyBeanMethods = false)
class PersistenceConfiguration {
    private static final class MadeWhenNeeded extends LocalContainerEntityManagerFactoryBean {
        private volatile boolean isBegun;

        @Override
        protected EntityManagerFactory createNativeEntityManagerFactory() {
            isBegun = true;
            requireDatabase();
            return super.createNativeEntityManagerFactory();
        }

        /** Without it Hibernate would only say that it does not know of which kind the database is. */
        private void requireDatabase() {
            try (Connection any = Objects.requireNonNull(getDataSource()).getConnection()) {
                any.getMetaData();
            } catch (SQLException problem) {
                throw new CannotGetJdbcConnectionException("the database is not there", problem);
            }
        }

        @Override
        public void afterSingletonsInstantiated() {
            // here the start would wait for it, whether anybody needs it yet or not
        }

        @Override
        public void destroy() {
            // what nobody needed is not made to be closed
            if (isBegun) {
                super.destroy();
            }
        }
    }

    /** What has rows; looked for when it is built. */
    @Bean
    static PersistenceManagedTypes rows(BeanFactory application, ResourceLoader resources) {
        String[] packages = AutoConfigurationPackages.get(application).toArray(String[]::new);
        return new PersistenceManagedTypesScanner(resources).scan(packages);
    }

    @Bean
    LocalContainerEntityManagerFactoryBean entityManagerFactory(
            DataSource dataSource,
            JpaVendorAdapter hibernate,
            PersistenceManagedTypes rows,
            JpaProperties jpa,
            HibernateProperties settings,
            List<HibernatePropertiesCustomizer> customizers,
            WhenNeeded whenNeeded) {
        var factory = new MadeWhenNeeded();
        factory.setDataSource(dataSource);
        factory.setJpaVendorAdapter(hibernate);
        factory.setManagedTypes(rows);
        factory.setJpaPropertyMap(settings.determineHibernateProperties(
                jpa.getProperties(), new HibernateSettings().hibernatePropertiesCustomizers(customizers)));
        factory.setBootstrapExecutor(whenNeeded);
        return factory;
    }
}
