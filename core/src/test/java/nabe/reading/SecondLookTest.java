package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What baked before the dish was got out is a part of the dish. */
class SecondLookTest {
    private static Told pie(String words) {
        return Told.of("""
                Beef pie
                Serves 4
                800 g stewing beef
                2 onions, chopped
                500 ml beef stock
                400 g carrots
                1 tbsp oil
                320 g puff pastry
                Method
                %s
                """.formatted(words));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Brown the beef in the oil in a casserole with the onions. Add the stock and carrots, cover and put in the oven at 150C for 3 hours. "
                        + "Ladle the stew into a 1.5 litre pie dish, lay the pastry on top and bake at 200C for 30 minutes."
                        + " | beef; pastry | 200 30",
                "Brown the beef in the oil with the onions in a flameproof dish. Pour in the stock, add the carrots and braise in the oven, covered, at 160C for 2 hours. "
                        + "Turn into a pie dish of 25 cm, cover with the pastry and bake for 25 minutes at 210C."
                        + " | beef; pastry | 210 25",
                "Toss the carrots with the oil on a lined baking tray and bake for 30 minutes at 200C. "
                        + "Meanwhile brown the beef with the onions and simmer with the stock for 90 minutes. "
                        + "Grease a 20 x 30 cm dish. Lay the carrots in it, then the beef, then the pastry. Bake at 190C for 35 minutes."
                        + " | carrots; beef; pastry | 190 35",
                "Brown the beef in the oil with the onions, add the carrots and stock and simmer for 2 hours. "
                        + "Tip into a pie dish, top with the pastry and bake for 30 minutes at 200C. Lift it onto a serving dish."
                        + " | beef; pastry | 200 30"
            })
    void whatIsFilledLastIsTheDish(String words, String layers, String oven) {
        Told told = pie(words);

        assertThat(told.layers()).isEqualTo(layers);
        assertThat(told.oven()).isEqualTo(oven);
    }
}
