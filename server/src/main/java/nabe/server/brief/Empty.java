package nabe.server.brief;

/** Codes of what is said of an entry that is none. */
final class Empty {
    static final String STEP = "server.empty-step";
    static final String LINE = "server.empty-line";
    static final String CORRECTION = "server.empty-correction";
    static final String KIND = "server.empty-kind";
    static final String NEED = "server.empty-need";
    static final String EATER = "server.empty-eater";
    static final String SCHOOL = "server.empty-school";
    static final String CHOICE = "server.empty-choice";
    static final String MADE = "server.empty-made";
    static final String MEND = "server.empty-mend";
    static final String LAYER = "server.empty-layer";
    static final String TOOL = "server.empty-tool";
    static final String PAN = "server.empty-pan";
    static final String DISH = "server.empty-dish";
    static final String TIME = "server.empty-time";
    static final String OVEN = "server.empty-oven";
    static final String TASK = "server.empty-task";

    private Empty() {}
}
