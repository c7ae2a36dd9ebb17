package lumko.app.platform;

/** There is no such thing, or it belongs to another organisation: the two cannot be told apart from outside. */
public class NotFoundException extends RuntimeException {}
