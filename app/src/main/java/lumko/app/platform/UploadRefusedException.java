package lumko.app.platform;

/** A file that is not read at all; the message is a sentence for the person who sent it. */
public class UploadRefusedException extends RuntimeException {
    UploadRefusedException(String sentence) {
        super(sentence);
    }

    public String sentence() {
        return String.valueOf(getMessage());
    }
}
