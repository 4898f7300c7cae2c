<!doctype html>
<html lang="en"><head><title>Empty</title></head><body></body></html>
