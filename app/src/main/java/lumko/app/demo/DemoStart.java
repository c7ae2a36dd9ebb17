package lumko.app.demo;

import lumko.app.account.Accounts;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/**
 * Enters the demo where it is wanted and nothing stands yet. Which beans there are is settled when the application is built; what
 * makes up the demo is therefore always among them, and only made when it is entered.
 */
@Component
class DemoStart implements ApplicationRunner {
    private final boolean isWanted;
    private final Accounts accounts;
    private final ObjectProvider<DemoData> demo;

    DemoStart(@Value("${lumko.demo}") boolean isWanted, Accounts accounts, ObjectProvider<DemoData> demo) {
        this.isWanted = isWanted;
        this.accounts = accounts;
        this.demo = demo;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (isWanted && accounts.isFresh()) {
            demo.getObject().enter();
        }
    }
}
