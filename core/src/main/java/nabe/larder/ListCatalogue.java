package nabe.larder;

import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import tools.jackson.core.JacksonException;
import tools.jackson.core.json.JsonReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Reads a commented list of the catalogue (JSON5: comments, bare names, a last comma) into records, refusing unknown keys and missing values. */
public final class ListCatalogue {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(
                    JsonReadFeature.ALLOW_JAVA_COMMENTS,
                    JsonReadFeature.ALLOW_UNQUOTED_PROPERTY_NAMES,
                    JsonReadFeature.ALLOW_TRAILING_COMMA)
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
            .build();

    private ListCatalogue() {}

    /** @throws CatalogueException when the file is missing or does not read as a list of {@code type} */
    public static <T> List<T> read(String name, Class<T[]> type) {
        try (InputStream stream = ListCatalogue.class.getResourceAsStream("/catalogue/" + name)) {
            if (stream == null) {
                throw new CatalogueException(name, "-", "The file is missing from the catalogue.");
            }
            return Arrays.asList(MAPPER.readValue(stream, type));
        } catch (JacksonException e) {
            throw new CatalogueException(name, String.valueOf(e.getLocation().getLineNr()), e.getOriginalMessage());
        } catch (java.io.IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
