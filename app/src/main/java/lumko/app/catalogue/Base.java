package lumko.app.catalogue;

/** What a paint is tinted from: how much white it has in it before a colour goes in. */
public enum Base {
    WHITE,
    MEDIUM,
    DEEP,
    CLEAR
}
