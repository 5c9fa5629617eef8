package nabe.reading;

import static nabe.reading.Told.rule;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Which part of a thing a clause takes: one pack of two, what the list kept back, so much for each. */
class PartsOfThingsTest {
    private static Stream<Arguments> rules() {
        return Stream.of(
                rule(
                        "one tube of two, and the base baked by itself",
                        """
                        2 tubes refrigerated crescent dough
                        500 g ground beef
                        1 onion, chopped
                        200 g cheddar, grated
                        """,
                        "Brown the beef and onion for 8 minutes. Unroll one tube of dough and press it over the bottom of a"
                                + " 20 x 30 cm dish. Bake the crust 8 minutes. Spread the beef over the crust and top with the"
                                + " cheddar. Unroll the second tube and lay it over everything. Bake at 190C for 25 minutes.",
                        "beef onion; 1/2:dough; cheddar; 1/2:dough",
                        "dough; beef; cheddar; dough"),
                rule(
                        "what the list reserves",
                        """
                        400 g sweetcorn
                        200 ml milk
                        2 eggs
                        150 g crackers, crushed; reserve 50 g
                        40 g butter, melted
                        """,
                        "Mix the corn, milk, eggs, crackers and half the butter and tip into a 2 litre dish. Toss the reserved"
                                + " crackers with the remaining butter and scatter over. Bake at 180C for 50 minutes.",
                        "sweetcorn milk eggs 2/3:crackers 1/2:butter; 1/3:crackers 1/2:butter",
                        "sweetcorn; crackers"),
                rule(
                        "half over each of two dishes",
                        """
                        1 kg cod, in chunks
                        500 ml tomato passata
                        200 g plain flour
                        120 g butter
                        """,
                        "Divide the cod between two dishes and pour over the passata. Rub the butter into the flour. Scatter"
                                + " half over each dish. Bake at 190C for 35 minutes.",
                        "cod; passata; butter flour",
                        "cod; passata; butter"),
                rule(
                        "spoonfuls for every roll, of what was made for them",
                        """
                        12 lasagna noodles
                        500 g turkey mince
                        1 tbsp oil
                        400 g cottage cheese
                        1 egg
                        500 g tomato sauce
                        """,
                        "Boil the noodles and drain. Brown the turkey in the oil for 8 minutes. Mix the cottage cheese with the"
                                + " egg. Spread each noodle with 2 tablespoons of the cheese mixture, top with 2 tablespoons of the"
                                + " turkey and roll up. Place seam side down in a 20 x 30 cm dish and pour over the sauce. Bake at"
                                + " 190C for 30 minutes.",
                        "noodles; mince oil; cheese egg; sauce",
                        "noodles; cheese inside; mince inside; sauce"),
                rule(
                        "one of them on the counter, and the same with the rest",
                        """
                        8 flour tortillas
                        400 g black beans
                        1 onion, chopped
                        1 tbsp oil
                        400 ml tomato sauce
                        """,
                        "Soften the onion in the oil, add the beans and mash. Lay a tortilla on the counter, add 2 tablespoons of"
                                + " the filling, roll it up and set it seam side down in a 20 x 30 cm dish; do the same with the rest."
                                + " Pour the sauce over. Bake at 190C for 20 minutes.",
                        "onion oil beans; tortillas; sauce",
                        "tortillas; onion inside; sauce"),
                rule(
                        "eggs are boiled whole, though half of them is laid first",
                        """
                        1 kg potatoes
                        6 eggs
                        400 ml soured cream
                        """,
                        "Boil the potatoes for 20 minutes, peel and slice. Boil the eggs for 10 minutes, shell and slice. Lay half"
                                + " the potatoes in a 2 litre dish, then half the eggs. Spoon over half the cream. Again half the"
                                + " potatoes, the rest of the eggs and the rest of the cream. Bake at 180C for 40 minutes.",
                        "potatoes; eggs; cream",
                        "1/2:potatoes; 1/2:eggs; 1/2:cream; 1/2:potatoes; 1/2:eggs; 1/2:cream"),
                rule(
                        "parts laid later may be named by what was cooked with them",
                        """
                        3 aubergines
                        4 tbsp oil
                        200 g red lentils
                        1 onion, chopped
                        400 g passata
                        """,
                        "Slice the aubergines, brush with half the oil and roast at 200C for 25 minutes. Soften the onion in the"
                                + " rest of the oil, add the lentils and passata and simmer for 30 minutes. Spread half of the lentils"
                                + " in a 2 litre dish, cover with half of the aubergines, then repeat. Bake at 180C for 40 minutes.",
                        "aubergines 1/2:oil; onion 1/2:oil lentils passata",
                        "1/2:onion; 1/2:aubergines; 1/2:onion; 1/2:aubergines"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void areTakenAsACookTakesThem(String rule, String text, String pots, String layers) {
        Told told = Told.of(text);

        assertThat(told.pots()).isEqualTo(pots);
        assertThat(told.layers()).isEqualTo(layers);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Bake covered with foil for 25 minutes and uncovered for 20. | - covered 25; - 20",
                "Foil on. 190C for 25 min. Foil off, 10 more. | 190 covered 25; 190 10",
                "Bake at 190C, covered, 25 min. Off, 20 min. | 190 covered 25; 190 20",
                "190C, 20 min covered, 10 min not. | 190 covered 20; 190 10",
                "In the oven at 180C for 25 minutes, 5 more under the grill. | 180 25; grill 5",
                "Bake at 190C for 40 min or until 74 °C in the centre. | 190 40",
                "Bake in the middle of the oven at 200C for approx. 40 minutes. | 200 40",
                "Oven on: 220, fan 200. Bake 20 minutes. | 220 20"
            })
    void whatStandsBesideATimeOrADialIsItsOwn(String bake, String oven) {
        Told told = Told.of("Bake\nServes 4\n\n400 g macaroni\n500 ml milk\n200 g cheddar, grated\n\nMethod\n"
                + "Boil the macaroni. Mix with the milk and cheddar and tip into a 20 x 30 cm dish. " + bake);

        assertThat(told.oven()).isEqualTo(oven);
    }
}
