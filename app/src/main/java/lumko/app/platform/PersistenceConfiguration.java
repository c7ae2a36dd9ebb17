package lumko.app.platform;

import java.util.List;
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
import org.springframework.core.task.VirtualThreadTaskExecutor;
import org.springframework.orm.jpa.JpaVendorAdapter;
import org.springframework.orm.jpa.LocalContainerEntityManagerFactoryBean;
import org.springframework.orm.jpa.persistenceunit.PersistenceManagedTypes;
import org.springframework.orm.jpa.persistenceunit.PersistenceManagedTypesScanner;

/**
 * Hibernate gets ready beside the rest of a start, which takes it about a second. The page to sign in at does not need it and is
 * served meanwhile; whoever does waits for it.
 */
@Configuration(proxyBeanMethods = false)
class PersistenceConfiguration {
    private static final class WaitedForByWhoNeedsIt extends LocalContainerEntityManagerFactoryBean {
        @Override
        public void afterSingletonsInstantiated() {
            // here the start would wait for it, whether anybody needs it yet or not
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
            List<HibernatePropertiesCustomizer> customizers) {
        var factory = new WaitedForByWhoNeedsIt();
        factory.setDataSource(dataSource);
        factory.setJpaVendorAdapter(hibernate);
        factory.setManagedTypes(rows);
        factory.setJpaPropertyMap(settings.determineHibernateProperties(
                jpa.getProperties(), new HibernateSettings().hibernatePropertiesCustomizers(customizers)));
        factory.setBootstrapExecutor(new VirtualThreadTaskExecutor("hibernate-"));
        return factory;
    }
}
