package lumko.calc.job;

/** How one expectation of a case was judged. */
record Held(String caseId, String expectation, Answer answer, String why) {
    enum Answer {
        HELD,
        FAILED,
        NOT_JUDGED
    }

    boolean isFailed() {
        return answer == Answer.FAILED;
    }
}
