package nabe.recipe;

/** A text no recipe could be read from. The message tells the cook what to do. */
public class RecipeException extends RuntimeException {
    public RecipeException(String message) {
        super(message);
    }
}
