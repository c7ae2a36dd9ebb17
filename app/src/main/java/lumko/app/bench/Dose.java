package lumko.app.bench;

import lumko.core.quantity.Limits;

/** What a dispenser or a scale measures in. Paint and colorants are taken to be equally dense. */
enum Dose {
    MILLILITRES("ml"),
    GRAMS("g");

    private final String sign;

    Dose(String sign) {
        this.sign = sign;
    }

    public String sign() {
        return sign;
    }

    Limits of(Limits limits) {
        return new Limits(limits.what(), limits.low(), limits.high(), sign);
    }
}
