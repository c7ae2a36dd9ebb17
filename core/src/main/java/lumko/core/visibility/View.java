package lumko.core.visibility;

/** From where a wall is looked at. */
public enum View {
    FRONT(0),
    /** Along the wall, 70° from straight on, towards the light. */
    ALONG(70);

    private final double fromNormal;

    View(double fromNormalDegrees) {
        this.fromNormal = Math.toRadians(fromNormalDegrees);
    }

    /** Cosine of the angle from the normal of the wall: by so much it is foreshortened along a row. */
    double cosine() {
        return Math.cos(fromNormal);
    }

    double sine() {
        return Math.sin(fromNormal);
    }

    double fromNormalRadians() {
        return fromNormal;
    }
}
