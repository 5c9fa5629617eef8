package nabe.larder;

/** A catalogue file that does not hold together. The message names file, row and value. */
public class CatalogueException extends RuntimeException {
    public CatalogueException(String file, String row, String problem) {
        super(file + ", row " + row + ": " + problem);
    }
}
