package lumko.app.platform;

/** Somebody else changed the same thing after it was shown. Nothing was overwritten. */
public class ChangedMeanwhileException extends RuntimeException {}
