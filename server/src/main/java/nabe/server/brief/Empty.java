package nabe.server.brief;

/** What is said of an entry that is none. */
final class Empty {
    static final String STEP = "A step of the method is empty. Leave it out, or say what is done.";
    static final String LINE = "A line of the recipe is empty. Leave it out, or say what goes in.";
    static final String CORRECTION = "A correction is empty. Leave it out, or say what is to be otherwise.";
    static final String KIND = "A correction does not say what it corrects: move, rename, share, lift, count or cover.";
    static final String NEED = "A need in the list is empty. Leave it out.";
    static final String EATER = "One who eats is empty. Leave the entry out.";
    static final String SCHOOL = "An answer on how the house cooks is empty. Leave it out.";
    static final String CHOICE = "A chosen swap is empty. Leave it out for Nabe's own choice.";
    static final String MADE = "How a thing is made is empty. Say home or bought, or leave it out.";
    static final String MEND = "The size of a mend is empty. Leave the mend out.";
    static final String LAYER = "A layer of your own order is empty. Leave it out.";
    static final String TOOL = "A tool in the list is empty. Leave it out.";
    static final String PAN = "A pan in the list is empty. Leave it out.";
    static final String DISH = "A dish of the meal is empty. Leave it out.";
    static final String TIME = "A time in the list is empty. Leave it out.";
    static final String OVEN = "An oven in the list is empty. Leave it out.";
    static final String TASK = "A task in the list is empty. Leave it out.";

    private Empty() {}
}
