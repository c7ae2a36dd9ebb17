package lumko.app.account;

/**
 * Something happened at somebody's account that the history should know.
 *
 * @param whose account; done by themselves, or by whoever tried to be them
 * @param detail where a sign-in came from; otherwise nothing
 */
public record AccountEvent(Member whose, Kind kind, String detail) {
    /** What happened. */
    public enum Kind {
        SIGN_IN_FAILED,
        PASSWORD_CHANGED
    }
}
