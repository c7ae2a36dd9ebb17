package lumko.core.geometry;

/** Something fixed to a wall or a ceiling that has to be taken off, masked or painted round. */
public record Fitting(Kind kind, Box box) {
    /**
     * Whether it can be where it is on a wall or a ceiling: a plate, or what hangs from a ceiling, never sits in an opening nor
     * beyond the room; a rail or a blind may run across one.
     */
    public boolean fits(Wall on) {
        return !(kind.isPlate() || kind.isOfCeilings()) || on.isOnWall(box.middle());
    }

    public enum Kind {
        SOCKET(true),
        SWITCH(true),
        WALL_LIGHT(true),
        RADIATOR(false),
        RAIL(false),
        BLIND(false),
        CEILING_LIGHT(true),
        SMOKE_ALARM(true),
        CEILING_FAN(true),
        VENT_COVER(false),
        RADIATOR_COVER(false),
        /** Timber strips that come onto the finished wall. */
        STRIPS(false);

        private final boolean electric;

        Kind(boolean electric) {
            this.electric = electric;
        }

        /** Whether it is a plate or a cover that a screwdriver takes off. */
        public boolean isPlate() {
            return this == SOCKET || this == SWITCH || this == VENT_COVER;
        }

        /** Whether it hangs from a ceiling as well as, or rather than, on a wall. */
        public boolean isOfCeilings() {
            return this == CEILING_LIGHT || this == SMOKE_ALARM || this == CEILING_FAN || this == VENT_COVER;
        }

        /** Whether its supply has to be off before it is loosened or wet work comes near. */
        public boolean isElectric() {
            return electric;
        }
    }
}
