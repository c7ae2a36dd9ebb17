package lumko.app.paint;

/** What a paint is tinted from: how much white it has in it before a colour goes in. */
public enum Base {
    WHITE,
    MEDIUM,
    DEEP,
    CLEAR
}
