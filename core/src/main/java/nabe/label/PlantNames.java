package nabe.label;

import java.util.Set;
import nabe.words.Messages;

/** "Hemp milk", "cashew butter", "oat cream": milk's names for what is made of a nut, seed, bean or grain. */
final class PlantNames {
    /** Always the plant's own. */
    private static final Set<String> PLAIN = Set.of("milk", "butter", "drink", "beverage");
    /** Sold with and without milk. */
    private static final Set<String> DOUBTFUL =
            Set.of("cream", "cheese", "yogurt", "yoghurt", "quark", "kefir", "custard");

    private static final Set<String> MILKED = Set.of(
            "rice",
            "oat",
            "soy",
            "soya",
            "pea",
            "hemp",
            "hemp seed",
            "coconut",
            "almond",
            "cashew",
            "hazelnut",
            "macadamia",
            "walnut",
            "pecan",
            "pistachio",
            "brazil nut",
            "peanut",
            "nut",
            "seed",
            "sunflower",
            "sunflower seed",
            "pumpkin seed",
            "sesame",
            "flax",
            "flaxseed",
            "linseed",
            "cocoa",
            "shea",
            "quinoa",
            "buckwheat",
            "tiger nut",
            "lupin",
            "chickpea",
            "bean",
            "potato",
            "mango",
            "apple",
            "plant",
            "spelt",
            "barley");

    private PlantNames() {}

    static boolean isDairyNoun(String key) {
        return PLAIN.contains(key) || DOUBTFUL.contains(key);
    }

    static boolean isMilked(Meaning meaning, String words) {
        return meaning.kinds().isEmpty()
                && MILKED.contains(nabe.larder.Words.key(words.toLowerCase(java.util.Locale.ROOT)));
    }

    /** What the noun still holds after the plant's name. */
    static Meaning of(Meaning dairy, String noun) {
        return PLAIN.contains(noun) ? Meaning.HARMLESS : dairy.perhaps(Messages.say("label.is-it-made-with-milk"));
    }
}
