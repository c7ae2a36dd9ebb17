package lumko.app.platform;

/** Something typed cannot be taken. Carries the form with its sentences and what was typed; nothing was changed. */
public class BadInputException extends RuntimeException {
    private final transient Form form;

    public BadInputException(Form form) {
        super(String.join(" ", form.sentences()));
        this.form = form;
    }

    public Form form() {
        return form;
    }
}
