package lumko.app.account;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import java.util.function.Supplier;
import lumko.app.platform.Plain;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.authentication.AuthenticationProvider;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.authentication.WebAuthenticationDetails;
import org.springframework.stereotype.Component;
import org.springframework.util.function.SingletonSupplier;

/**
 * Lets in whoever knows the password of a name. What is kept of it afterwards is the {@link Member}, without the hash. A name
 * that nobody has takes as long as one that somebody has.
 */
@Component
class SignIn implements AuthenticationProvider {
    /** Longest name that can be on record. */
    private static final int LONGEST_LOGIN = 80;

    private final Accounts accounts;
    private final PasswordEncoder passwords;
    private final SignInBrake brake;
    private final ApplicationEventPublisher events;
    /** Made when somebody first signs in, known or not: making one takes as long as checking one, and a start need not wait. */
    private final Supplier<String> nobodysHash;

    SignIn(Accounts accounts, PasswordEncoder passwords, SignInBrake brake, ApplicationEventPublisher events) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.brake = brake;
        this.events = events;
        this.nobodysHash = SingletonSupplier.of(() -> String.valueOf(passwords.encode("nobody has this one")));
    }

    /** Tried again too soon after failures. */
    static final class TooSoonException extends AuthenticationException {
        private final Duration left;

        TooSoonException(Duration left) {
            super("too soon");
            this.left = left;
        }

        Duration left() {
            return left;
        }
    }

    @Override
    public Authentication authenticate(Authentication tried) {
        String login = tried.getName();
        String password = String.valueOf(tried.getCredentials());
        String address = tried.getDetails() instanceof WebAuthenticationDetails web ? web.getRemoteAddress() : "";
        if (login.length() > LONGEST_LOGIN || Plain.unseen(login).isPresent()) {
            throw new BadCredentialsException("no such name");
        }
        Duration wait = brake.wait(login, address);
        if (wait.isPositive()) {
            throw new TooSoonException(wait);
        }
        Optional<Accounts.Known> somebodys = accounts.known(login);
        Optional<Accounts.Known> known =
                somebodys.filter(somebody -> !somebody.passwordHash().equals(Accounts.NO_PASSWORD));
        String hash = known.map(Accounts.Known::passwordHash).orElse(nobodysHash.get());
        boolean isRight = password.getBytes(StandardCharsets.UTF_8).length <= Passwords.MOST_BYTES
                && passwords.matches(password, hash);
        Optional<Member> member = known.map(Accounts.Known::member).filter(somebody -> isRight && somebody.active());
        if (member.isEmpty()) {
            brake.failed(login, address);
            // beside the answer, which takes as long for a name that nobody has
            somebodys.ifPresent(somebody -> Thread.startVirtualThread(() -> events.publishEvent(
                    new AccountEvent(somebody.member(), AccountEvent.Kind.SIGN_IN_FAILED, address))));
            throw new BadCredentialsException("name and password do not go together");
        }
        brake.succeeded(login);
        return Accounts.signedIn(member.get());
    }

    @Override
    public boolean supports(Class<?> authentication) {
        return UsernamePasswordAuthenticationToken.class.isAssignableFrom(authentication);
    }
}
