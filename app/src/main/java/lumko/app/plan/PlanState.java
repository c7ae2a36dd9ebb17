package lumko.app.plan;

/** What a plan is to those who work by it. */
enum PlanState {
    OFFERED,
    IN_FORCE,
    PAST
}
