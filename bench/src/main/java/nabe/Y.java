package nabe; public class Y { }
