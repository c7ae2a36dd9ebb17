package lumko.app.account;

import java.io.PrintStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Map;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;

/** For a lead who is locked out: gives whoever has a login a password to choose an own one with. Run as {@code ./lumko password LOGIN}. */
public final class PasswordCommand {
    private PasswordCommand() {}

    public static void main(String[] arguments) {
        System.exit(run(arguments, System.getenv(), System.out, System.err));
    }

    static int run(String[] arguments, Map<String, String> environment, PrintStream out, PrintStream err) {
        if (arguments.length != 1) {
            err.println("usage: password LOGIN");
            return 2;
        }
        String given = Passwords.made();
        try (Connection connection = DriverManager.getConnection(
                        environment.getOrDefault("SPRING_DATASOURCE_URL", ""),
                        environment.getOrDefault("SPRING_DATASOURCE_USERNAME", ""),
                        environment.getOrDefault("SPRING_DATASOURCE_PASSWORD", ""));
                PreparedStatement statement = connection.prepareStatement("""
                        update person set password_hash = ?, password_once = true, version = version + 1
                        where lower(login) = lower(?) and active""")) {
            statement.setString(
                    1,
                    PasswordEncoderFactories.createDelegatingPasswordEncoder().encode(given));
            statement.setString(2, arguments[0]);
            if (statement.executeUpdate() == 0) {
                err.println("Nobody who may sign in has the name “" + arguments[0] + "”.");
                return 1;
            }
            out.println(given);
            out.println("Good for signing in once: a password of their own has to be chosen then.");
            return 0;
        } catch (SQLException failed) {
            err.println("Not done: " + failed.getMessage());
            return 1;
        }
    }
}
