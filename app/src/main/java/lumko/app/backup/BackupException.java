package lumko.app.backup;

/** A backup was not written or not taken back; says why in a sentence. */
final class BackupException extends RuntimeException {
    BackupException(String why) {
        super(why);
    }
}
